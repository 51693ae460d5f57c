using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BurlyRidge.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class JobDigests : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Digest_Build",
                table: "Jobs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<int>(
                name: "Digest_Holds",
                table: "Jobs",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Digest_LineCount",
                table: "Jobs",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Digest_Stop",
                table: "Jobs",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Digest_SystemVolts",
                table: "Jobs",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Digest_Trouble",
                table: "Jobs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<int>(
                name: "Digest_Watch",
                table: "Jobs",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateIndex(
                name: "IX_Jobs_Archived_ChangedAt",
                table: "Jobs",
                columns: new[] { "Archived", "ChangedAt" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Jobs_Archived_ChangedAt",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Digest_Build",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Digest_Holds",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Digest_LineCount",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Digest_Stop",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Digest_SystemVolts",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Digest_Trouble",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Digest_Watch",
                table: "Jobs");
        }
    }
}
