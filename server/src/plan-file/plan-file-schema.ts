import { NestFactory } from '@nestjs/core';
import { Module } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import { PLAN_VERSION } from '@eveningtide/core/plan-file';
import { PlanFileDto } from './plan-file.dto.js';

type Schema = Record<string, unknown>;

@Module({})
class NothingButSchemas {}

/**
 * The JSON Schema of the plan file (draft 2020-12), made from the same classes that check it when it is read, so that
 * the two cannot differ. What one part may point to in another is checked by the core and not said here.
 */
export async function planFileSchema(): Promise<Schema> {
  const app = await NestFactory.create(NothingButSchemas, { logger: false });
  const document = SwaggerModule.createDocument(app, new DocumentBuilder().build(), { extraModels: [PlanFileDto] });
  const schemas = (document.components?.schemas ?? {}) as Record<string, Schema>;
  const definitions: Schema = {};
  for (const [name, schema] of Object.entries(schemas)) definitions[plainName(name)] = plain(schema);
  const { PlanFile: root, ...others } = definitions;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `Eveningtide plan file, version ${String(PLAN_VERSION)}`,
    ...(root as Schema),
    $defs: others,
  };
}

const plainName = (name: string): string => name.replace(/Dto$/, '');

/** OpenAPI 3.0 to JSON Schema: nulls as a type, references into $defs, no other fields than those named. */
function plain(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(plain);
  if (typeof value !== 'object' || value === null) return value;
  const inner: Schema = {};
  for (const [key, field] of Object.entries(value)) inner[key] = plain(field);
  const { nullable, ...rest } = inner;
  if (typeof rest['$ref'] === 'string') rest['$ref'] = rest['$ref'].replace(/^#\/components\/schemas\/(\w+?)(?:Dto)?$/, '#/$defs/$1');
  if (rest['type'] === 'object' && rest['properties']) rest['additionalProperties'] = false;
  if (nullable !== true) return rest;
  if (Array.isArray(rest['enum'])) rest['enum'] = [...(rest['enum'] as unknown[]), null];
  // a class is named by a reference, which has no type of its own to widen
  return rest['type'] === undefined || rest['type'] === 'object'
    ? { anyOf: [rest, { type: 'null' }] }
    : { ...rest, type: [rest['type'], 'null'] };
}
