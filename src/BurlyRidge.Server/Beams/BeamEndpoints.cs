using System.Globalization;
using System.Text;
using BurlyRidge.Core;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Beams;

/// <summary>Where the light of a rig goes.</summary>
/// <param name="State">Null: everything on, at cruise.</param>
/// <param name="Lines">Lines whose lamps are looked at; null: all.</param>
/// <param name="EngineOff">On the battery alone.</param>
/// <param name="Own">The vehicle's own lamps that are lit, as guesses; null: none.</param>
/// <param name="Coarse">Quickly, while somebody drags.</param>
/// <param name="VehicleLevel">Marks on the wall of a vehicle that stands level on its wheels.</param>
/// <param name="Aims">Aims that are tried instead of the rig's own; null: its own.</param>
/// <param name="NoseUpDegrees">The same of how the vehicle stands.</param>
/// <param name="Against">Id of a set-up that it is held against; null: none.</param>
public sealed record BeamRequest(
    Rig Rig, RigState? State = null, bool EngineOff = false, IReadOnlyList<string>? Lines = null, IReadOnlyList<OwnLamp>? Own = null, bool Coarse = false, bool VehicleLevel = false,
    IReadOnlyList<LampAim>? Aims = null, double? NoseUpDegrees = null, string? Against = null) : IAboutRig
{
    /// <summary>What is looked at.</summary>
    internal BeamLook Look => new(Lines, Own ?? [], Coarse, VehicleLevel);

    IEnumerable<Problem> IAboutRig.Problems()
    {
        var problems = new Problems();
        if (State is { } state) foreach (var problem in StateValidation.Validate("state", state, QuickPlans.Structure(Rig))) problems.Add(problem.Path, problem.Message);
        if (Lines is not null) problems.Count("lines", Lines.Count, 0, RigSize.MaxLines, ServerWords.LinesToLookAt);
        var tried = Rig with { Beams = Rig.Beams with { Aims = Aims ?? [], NoseUpDegrees = NoseUpDegrees ?? 0 } };
        foreach (var problem in RigValidation.OfAims(tried)) problems.Add(problem.Path["beams.".Length..], problem.Message);
        if (Against is not null && Rig.Beams.Setups.All(setup => setup.Id != Against)) problems.Add("against", ServerWords.NoSuchSetup);
        return problems.Found;
    }
}

/// <summary>Marks of lamps as they were found on the wall.</summary>
public sealed record FoundMarksRequest(Rig Rig, IReadOnlyList<FoundMark> Marks, bool VehicleLevel = false) : IAboutRig
{
    private const int MostMarks = 100;
    private const double MostMetres = 50;

    IEnumerable<Problem> IAboutRig.Problems()
    {
        var problems = new Problems();
        problems.Count("marks", Marks.Count, 1, MostMarks, ServerWords.MarksOnAWall);
        problems.Each("marks", Marks, (path, mark) =>
        {
            problems.Text($"{path}.lamp", mark.Lamp, 64);
            problems.Within($"{path}.upMetres", mark.UpMetres, 0, MostMetres, "m");
            problems.Within($"{path}.rightMetres", mark.RightMetres, -MostMetres, MostMetres, "m");
        });
        return problems.Found;
    }
}

/// <summary>A light of a rig whose stand-in is to be written.</summary>
/// <param name="Light">"fixture.light".</param>
public sealed record BeamFileRequest(Rig Rig, string Light) : IAboutRig;

/// <summary>Where the light goes; nothing is stored.</summary>
internal static class BeamEndpoints
{
    public static void MapBeams(this IEndpointRouteBuilder routes)
    {
        var rigs = routes.MapRigs("/api/preview", ServerWords.Beam);
        rigs.MapPost("/beam", LookAsync).WithName("lookAtBeams").Refuses()
            .WithSummary("Light on the ground, on walls, on the bonnet and in eyes, in one state.").WithDescription("Squares of a plan are bytes: 50 for each tenfold above 0.01 lx.");
        rigs.MapPost("/beam-marks", FoundAsync).WithName("readAimMarks").Refuses()
            .WithSummary("How lamps stand by their marks on the wall, and what sets them as planned.").WithDescription("The wall is at the rig's own distance.");
        rigs.MapPost("/beam-plan", DrawAsync).WithName("drawBeams").Refuses().Produces<string>(StatusCodes.Status200OK, "image/svg+xml")
            .WithSummary("Lines of equal lux on the ground as SVG, 1 to 500.").WithDescription("Over squares of 10 m.");
        rigs.MapPost("/beam-grid", GridAsync).WithName("tabulateBeams").Refuses().Produces<string>(StatusCodes.Status200OK, "text/csv")
            .WithSummary("Light on the ground as a table, a row a square.").WithDescription("CSV by RFC 4180: 0.25 m within 30 m of the vehicle, 1 m beyond.");
        rigs.MapPost("/beam-file", WriteAsync).WithName("writeBeamFile").Refuses().Produces<string>(StatusCodes.Status200OK, "text/plain")
            .WithSummary("How a light shines as a photometric file: its own, or its stand-in.").WithDescription("ANSI/IES LM-63-2002, type C.");
        routes.MapGet("/api/jobs/{id}/aim-sheet.html", PrintAsync).WithTags(ServerWords.Beam).WithName("printAimSheet").WithSummary("Marks of all lamps on a wall, to scale and as a table, to be printed.").WithDescription("As the vehicle stands on the ground, or level on its wheels.")
            .Produces<string>(StatusCodes.Status200OK, "text/html").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<BeamView>> LookAsync(BeamRequest request, CancellationToken cancellation)
    {
        var lit = await LitRig.OfAsync(request.Rig, request.State, request.EngineOff, cancellation);
        var against = request.Against is null ? null : request.Rig.Beams.Setups.First(setup => setup.Id == request.Against);
        var beams = lit.Plan(request.Aims, request.NoseUpDegrees);
        return TypedResults.Ok(cancellation.WorkOut(token => BeamView.Of(lit, beams, against is null ? null : beams with { Aims = against.Aims, NoseUpDegrees = against.NoseUpDegrees }, request.Look, token)));
    }

    private static async Task<Ok<IReadOnlyList<FoundAim>>> FoundAsync(FoundMarksRequest request, CancellationToken cancellation)
    {
        var lit = await LitRig.OfAsync(request.Rig, null, false, cancellation);
        return TypedResults.Ok(BeamView.FoundOf(lit, lit.Saved.Beams, request.Marks, new BeamLook(null, [], false, request.VehicleLevel)));
    }

    private static async Task<IResult> DrawAsync(BeamRequest request, CancellationToken cancellation)
    {
        var lit = await LitRig.OfAsync(request.Rig, request.State, request.EngineOff, cancellation);
        var view = cancellation.WorkOut(token => BeamView.Of(lit, lit.Plan(request.Aims, request.NoseUpDegrees), null, request.Look, token));
        return view.Plan is { } plan && lit.Wired.Body is { } body ? TypedResults.Text(LightPlan.Of(ServerWords.LightOnTheGround, body.Size, plan), "image/svg+xml", Encoding.UTF8) : BadInput.Of(new Problem("rig.body", ServerWords.ChooseABodyFirst));
    }

    private static async Task<IResult> GridAsync(BeamRequest request, CancellationToken cancellation)
    {
        var lit = await LitRig.OfAsync(request.Rig, request.State, request.EngineOff, cancellation);
        if (cancellation.WorkOut(token => BeamView.GridOf(lit, lit.Plan(request.Aims, request.NoseUpDegrees), request.Look, token)) is not var (near, far)) return BadInput.Of(new Problem("rig.body", ServerWords.ChooseABodyFirst));
        return TypedResults.Text(CsvText.Write(["ahead_m", "right_m", "square_m", "lux"], Squares(near, (_, _) => true).Concat(Squares(far, (ahead, right) => !Within(near, ahead, right)))), "text/csv", Encoding.UTF8);
    }

    private static bool Within(LuxGrid grid, double ahead, double right) => ahead >= grid.Ahead && ahead <= grid.Ahead + grid.Rows * grid.Step && Math.Abs(right) <= -grid.Right;

    /// <summary>Middle, side and light of each square that counts.</summary>
    private static IEnumerable<IReadOnlyList<string>> Squares(LuxGrid grid, Func<double, double, bool> counts)
    {
        for (var row = 0; row < grid.Rows; row++)
            for (var column = 0; column < grid.Columns; column++)
            {
                var (ahead, right) = grid.Middle(row, column);
                if (counts(ahead, right)) yield return [.. new[] { ahead, right, grid.Step, Math.Round(grid.At(row, column), 4) }.Select(value => value.ToString(CultureInfo.InvariantCulture))];
            }
    }

    private static async Task<IResult> WriteAsync(BeamFileRequest request, CancellationToken cancellation)
    {
        var lit = await LitRig.OfAsync(request.Rig, null, false, cancellation);
        return BeamView.FileOf(lit, request.Light) is { } text ? TypedResults.Text(text, "text/plain", Encoding.UTF8) : BadInput.Of(new Problem("light", ServerWords.NoSuchLight));
    }

    private static async Task<IResult> PrintAsync(string id, bool? level, JobStore store, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } job) return JobEndpoints.Missing();
        var lit = await LitRig.OfAsync(job.Workable, null, false, cancellation);
        var beams = lit.Saved.Beams;
        var marks = BeamView.MarksOf(lit, beams, new BeamLook(null, [], false, level == true));
        return TypedResults.Text(AimSheet.Page(job.Row.Name, Handout.Edition(job), marks, beams.WallMetres, level == true, job.Workable.HouseRules.Units), "text/html", Encoding.UTF8);
    }
}
