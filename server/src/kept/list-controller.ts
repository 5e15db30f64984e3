import { Body, Controller, Delete, Get, Header, HttpCode, Param, Put, type Type } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { keptListOf, wordsOf, type ListKey } from '@eveningtide/core/kept';
import type { Shape } from '../validation/nested.js';
import { KeptService, type Answer } from './kept.service.js';
import { servedOf } from './registry.js';
import { saveShape } from './save-shape.js';

/** The addresses of a list: all, one, save, take away. */
export function listController(key: ListKey): Type {
  const { one } = keptListOf(key);
  const words = wordsOf(key);

  @ApiTags(key)
  @Controller(`api/${key}`)
  class ListController {
    constructor(private readonly kept: KeptService) {}

    @Get()
    @ApiOperation({ summary: `All of the ${key}, with their versions, in the order of the list` })
    @Header('Content-Type', 'application/json; charset=utf-8')
    all(): Promise<string> {
      return this.kept.all(key);
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
