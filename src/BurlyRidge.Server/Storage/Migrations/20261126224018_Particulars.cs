using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BurlyRidge.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class Particulars : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "RedoWhat",
                table: "Revisions",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "Removes",
                table: "Revisions",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "UndoWhat",
                table: "Revisions",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "What",
                table: "Revisions",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Customer",
                table: "Jobs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<DateOnly>(
                name: "Due",
                table: "Jobs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Plate",
                table: "Jobs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Work",
                table: "Jobs",
                type: "TEXT",
                nullable: false,
                defaultValue: "Planned");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "RedoWhat",
                table: "Revisions");

            migrationBuilder.DropColumn(
                name: "Removes",
                table: "Revisions");

            migrationBuilder.DropColumn(
                name: "UndoWhat",
                table: "Revisions");

            migrationBuilder.DropColumn(
                name: "What",
                table: "Revisions");

            migrationBuilder.DropColumn(
                name: "Customer",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Due",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Plate",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Work",
                table: "Jobs");
        }
    }
}
