import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** A plan as it was handed out: frozen (the database refuses to change it) and numbered within its exercise. */
export class Revision extends Model<InferAttributes<Revision>, InferCreationAttributes<Revision>> {
  declare id: CreationOptional<number>;
  declare exerciseId: number;
  declare number: number;
  declare plan: string;
  declare issuedById: number;
  declare issuedAt: Date;

  static define(sequelize: Sequelize): void {
    Revision.init(
      {
        id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
        exerciseId: { type: DataTypes.INTEGER, allowNull: false },
        number: { type: DataTypes.INTEGER, allowNull: false },
        plan: { type: DataTypes.TEXT('long'), allowNull: false },
        issuedById: { type: DataTypes.INTEGER, allowNull: false },
        issuedAt: { type: DataTypes.DATE(3), allowNull: false },
      },
      { sequelize, tableName: 'revisions', timestamps: false, underscored: true },
    );
  }
}
