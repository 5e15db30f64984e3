import 'reflect-metadata';

/** A class whose decorators say what its fields may hold. */
export type Shape = new () => object;

/** A field that holds objects of another class. */
export interface Nested {
  property: string;
  type: () => Shape;
  isList: boolean;
}

const NESTED = Symbol('nested');

/** Notes that the field holds objects of a class; subclasses have it as well. */
export const holds =
  (type: () => Shape, isList: boolean): PropertyDecorator =>
  (target, property) => {
    const before = (Reflect.getMetadata(NESTED, target) as Nested[] | undefined) ?? [];
    Reflect.defineMetadata(NESTED, [...before, { property: String(property), type, isList }], target);
  };

/** The fields of a class that hold objects of other classes. */
export const nestedOf = (type: Shape): readonly Nested[] =>
  (Reflect.getMetadata(NESTED, type.prototype as object) as Nested[] | undefined) ?? [];
