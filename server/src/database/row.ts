/**
 * Rows as they lie in the tables. Names are the core's own; the tables themselves are made by the migrations, so the
 * models say only what Sequelize must know to read and write them.
 */
export const AS_IS = { timestamps: false, underscored: false } as const;
