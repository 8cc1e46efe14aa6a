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
  declare instructorId: number;

  static define(sequelize: Sequelize): void {
    SchoolClass.init(
      {
        id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
        name: { type: DataTypes.STRING(120), allowNull: false },
        instructorId: { type: DataTypes.INTEGER, allowNull: false },
      },
      { sequelize, tableName: 'classes', timestamps: false, underscored: true },
    );
  }
}

export class Enrolment extends Model<InferAttributes<Enrolment>, InferCreationAttributes<Enrolment>> {
  declare classId: number;
  declare studentId: number;

  static define(sequelize: Sequelize): void {
    Enrolment.init(
      {
        classId: { type: DataTypes.INTEGER, primaryKey: true },
        studentId: { type: DataTypes.INTEGER, primaryKey: true },
      },
      { sequelize, tableName: 'enrolments', timestamps: false, underscored: true },
    );
  }
}
