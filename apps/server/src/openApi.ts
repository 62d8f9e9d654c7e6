import { type INestApplication } from '@nestjs/common';
import { DocumentBuilder, type OpenAPIObject, SwaggerModule } from '@nestjs/swagger';
import { getMetadataStorage, ValidationTypes } from 'class-validator';
import { type ValidationMetadata } from 'class-validator/types/metadata/ValidationMetadata';
import { ANSWERS } from './answers/answers';
import { VERSION } from './version';

type Schema = Record<string, unknown>;

/** What each rule of a request class says in JSON Schema; rules that need words are told in the description. */
const RULES: Record<string, (constraints: unknown[]) => Schema> = {
  isString: () => ({ type: 'string' }),
  isEmail: () => ({ type: 'string', format: 'email' }),
  isUuid: () => ({ type: 'string', format: 'uuid' }),
  moment: () => ({ type: 'string', format: 'date-time' }),
  isIso8601: () => ({ type: 'string', format: 'date-time' }),
  isInt: () => ({ type: 'integer' }),
  isBoolean: () => ({ type: 'boolean' }),
  isArray: () => ({ type: 'array' }),
  isObject: () => ({ type: 'object' }),
  isIn: ([values]) => ({ enum: values }),
  min: ([value]) => ({ minimum: value }),
  max: ([value]) => ({ maximum: value }),
  minLength: ([value]) => ({ minLength: value }),
  maxLength: ([value]) => ({ maxLength: value }),
  isLength: ([low, high]) => ({ minLength: low, maxLength: high }),
  matches: ([pattern]) => ({ pattern: (pattern as RegExp).source }),
  arrayMinSize: ([value]) => ({ minItems: value }),
  arrayMaxSize: ([value]) => ({ maxItems: value }),
};

/**
 * The description at /api/v1/openapi.json; requests are read from their validators and answers from their schemas, so they cannot drift
 * apart.
 */
export function describeApi(app: INestApplication): void {
  const config = new DocumentBuilder()
    .setTitle('Bright Sprout')
    .setVersion(VERSION)
    .setDescription('Errors are problem details (RFC 9457). Writes can be sent twice.')
    .build();
  SwaggerModule.setup('api/v1/docs', app, () => withSchemas(SwaggerModule.createDocument(app, config)), {
    ui: false,
    jsonDocumentUrl: 'api/v1/openapi.json',
    yamlDocumentUrl: 'api/v1/openapi.yaml',
  });
}

function withSchemas(document: OpenAPIObject): OpenAPIObject {
  const schemas = ((document.components ??= {}).schemas ??= {});
  for (const [name, schema] of ANSWERS) schemas[name] = schema as Schema;
  for (const [target, rules] of validatedClasses()) if (target.name in schemas) schemas[target.name] = schemaOf(target, rules);
  return document;
}

type AnyClass = new () => object;

function validatedClasses(): Map<AnyClass, ValidationMetadata[]> {
  const storage = getMetadataStorage() as unknown as { validationMetadatas: Map<AnyClass, ValidationMetadata[]> };
  return storage.validationMetadatas;
}

function schemaOf(target: AnyClass, rules: ValidationMetadata[]): Schema {
  const properties: Record<string, Schema> = {};
  const optional = new Set<string>();
  for (const rule of rules) {
    const property = (properties[rule.propertyName] ??= {});
    if (rule.type === ValidationTypes.CONDITIONAL_VALIDATION) optional.add(rule.propertyName);
    if (rule.type === ValidationTypes.NESTED_VALIDATION) Object.assign(property, nestedSchema(target, rule));
    const own = RULES[rule.name ?? '']?.(rule.constraints ?? []);
    if (own) Object.assign(property, rule.each ? { type: 'array', items: { ...(property.items as Schema), ...own } } : own);
  }
  return {
    type: 'object',
    additionalProperties: false,
    properties,
    required: Object.keys(properties).filter((p) => !optional.has(p)),
  };
}

function nestedSchema(target: AnyClass, rule: ValidationMetadata): Schema {
  const declared = Reflect.getMetadata('design:type', target.prototype as object, rule.propertyName) as AnyClass | undefined;
  return declared && declared !== (Array as unknown) && validatedClasses().has(declared)
    ? schemaOf(declared, validatedClasses().get(declared)!)
    : { type: 'array', items: { type: 'object' } };
}
