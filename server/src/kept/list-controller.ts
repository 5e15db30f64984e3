import { Body, Controller, Delete, Get, Header, HttpCode, Param, Put, Req, Res, StreamableFile, type Type } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { keptListOf, wordsOf, type ListKey } from '@eveningtide/core/kept';
import type { Request, Response } from 'express';
import type { Shape } from '../validation/nested.js';
import { KeptService, type Answer } from './kept.service.js';
import { PackedLists } from './packed-lists.js';
import { servedOf } from './registry.js';
import { saveShape } from './save-shape.js';

/** The addresses of a list: all, one, save, take away. */
export function listController(key: ListKey): Type {
  const { one } = keptListOf(key);
  const words = wordsOf(key);

  @ApiTags(key)
  @Controller(`api/${key}`)
  class ListController {
    constructor(
      private readonly kept: KeptService,
      private readonly lists: PackedLists,
    ) {}

    @Get()
    @ApiOperation({ summary: `All of the ${key}, with their versions, in the order of the list` })
    @Header('Content-Type', 'application/json; charset=utf-8')
    @Header('Vary', 'Accept-Encoding')
    async all(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<string | StreamableFile> {
      if (!request.acceptsEncodings('gzip')) return this.lists.plain(key);
      const packed = await this.lists.packed(key);
      response.setHeader('Content-Encoding', 'gzip');
      return new StreamableFile(packed);
    }

    @Get(':id')
    @ApiOperation({ summary: `One ${words}` })
    one(@Param('id') id: string): Promise<Answer> {
      return this.kept.one(key, id);
    }

    @Put(':id')
    @ApiOperation({ summary: `Save a ${words} whole: version 0 makes it; a stale version is refused with 409 and what is stored` })
    save(@Param('id') id: string, @Body() body: object): Promise<Answer> {
      // the shape was checked against the class below
      const { version, [one]: thing } = body as Record<string, unknown>;
      return this.kept.save(key, id, version as number, thing as { id: string });
    }

    @Delete(':id')
    @HttpCode(204)
    @ApiOperation({ summary: `Take a ${words} away${servedOf(key).deleted === 'gone' ? '' : '; for a while it can be brought back'}` })
    remove(@Param('id') id: string): Promise<void> {
      return this.kept.remove(key, id);
    }
  }
  // what TypeScript would note down for a class that is known when it is written
  Reflect.defineMetadata('design:paramtypes', [String, saveShape(key)] satisfies [unknown, Shape], ListController.prototype, 'save');
  return ListController;
}
