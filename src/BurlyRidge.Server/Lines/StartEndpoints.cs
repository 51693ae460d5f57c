using BurlyRidge.Core;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Starting;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Lines;

/// <summary>A rig and a lamp of the catalogue that a line is to start from.</summary>
/// <param name="Lamp">Id of the lamp in the catalogue.</param>
public sealed record StartsRequest(Rig Rig, string Lamp, int Count = 1);

/// <summary>A line to be started.</summary>
/// <param name="Lamp">Id of the lamp in the catalogue.</param>
/// <param name="At">Station or mount of the lamps; null where nobody said.</param>
/// <param name="Metres">One way, m; counts where nobody said where the lamps are.</param>
public sealed record BeginRequest(
    Rig Rig, string Start, string Name, string Lamp, int Count, double Metres = 3,
    string? At = null, ReturnPath? Return = null, string? Output = null, SwitchedSide? BeamSwitched = null);

/// <summary>From a lamp to a whole line; nothing is stored.</summary>
internal static class StartEndpoints
{
    public static void MapStarts(this IEndpointRouteBuilder routes)
    {
        var lines = routes.MapGroup("/api").WithTags("Lines");
        lines.MapPost("/starts", OfferAsync).WithSummary("The usual ways to start a line from a lamp, and why some do not suit.");
        lines.MapPost("/start", BeginAsync).WithSummary("The rig with a line in it, complete and sized, and what was put in and why.");
    }

    private static async Task<Results<Ok<IReadOnlyList<OfferedStart>>, ValidationProblem>> OfferAsync(StartsRequest request, LampCatalogue catalogue)
    {
        var problems = new AssessRequest(request.Rig).Problems().ToList();
        var lamp = await catalogue.FindAsync(request.Lamp);
        if (lamp is null) problems.Add(NoLamp(request.Lamp));
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(Starts.For(request.Rig, lamp!.Fixture, request.Count));
    }

    private static async Task<Results<Ok<StartedLine>, ValidationProblem>> BeginAsync(BeginRequest request, LampCatalogue catalogue, CancellationToken cancellation)
    {
        var problems = new AssessRequest(request.Rig).Problems().ToList();
        if (await catalogue.FindAsync(request.Lamp) is not { } lamp) return BadInput.Of([.. problems, NoLamp(request.Lamp)]);
        var asked = new StartRequest(request.Start, request.Name, lamp.Fixture, request.Count, request.Metres)
        {
            At = request.At,
            Return = request.Return,
            Output = request.Output,
            BeamSwitched = request.BeamSwitched,
        };
        if (problems.Count == 0) problems.AddRange(Starts.Validate(request.Rig, asked));
        if (problems.Count > 0) return BadInput.Of(problems);
        return Starts.For(request.Rig, lamp.Fixture, request.Count).First(offered => offered.Start.Id == request.Start).WhyNot is { Length: > 0 } why
            ? BadInput.Of(new Problem("start", why))
            : TypedResults.Ok(cancellation.WorkOut(token => Starts.Begin(request.Rig, asked, token)));
    }

    private static Problem NoLamp(string id) => new("lamp", $"The catalogue has no lamp called {id}.");
}
