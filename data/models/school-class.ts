import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

export class SchoolClass extends Model<InferAttributes<SchoolClass>, InferCreationAttributes<SchoolClass>> {
  declare id: CreationOptional<number>;
  declare name: string;

  static define(sequelize: Sequelize): void {
    SchoolClass.init(
      {
        id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
        name: { type: DataTypes.STRING(120), allowNull: false },
      },
      { sequelize, tableName: 'classes', timestamps: false, underscored: true },
    );
  }
}
