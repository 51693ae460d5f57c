using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Walkaround;

/// <summary>A rig to be walked round.</summary>
public sealed record WalkRequest(Rig Rig);

/// <summary>A rig and one run, or line planned in short, of it.</summary>
public sealed record WaysRequest(Rig Rig, string Id);

/// <summary>A rig and one mount of its body.</summary>
/// <param name="By">What those that go are put in order by.</param>
public sealed record CandidatesRequest(Rig Rig, string Mount, RankBy By = RankBy.Light);

/// <summary>A rig, one mount of its body and a lamp of the catalogue.</summary>
public sealed record PlaceRequest(Rig Rig, string Mount, string Lamp);

/// <summary>The rig with what was asked for in it.</summary>
public sealed record RigAnswer(Rig Rig);

/// <summary>Where it goes, whether it fits, how far the wire runs; nothing is stored.</summary>
internal static class WalkEndpoints
{
    public static void MapWalkaround(this IEndpointRouteBuilder routes)
    {
        var walk = routes.MapGroup("/api").WithTags("Walkaround");
        walk.MapPost("/walk", (WalkRequest request) => On(request.Rig, [], Walk.Of))
            .WithSummary("The vehicle as drawn, what lies where, and the fit of what is placed.").Produces<Walk>().ProducesValidationProblem();
        walk.MapPost("/ways", (WaysRequest request) => On(request.Rig, Known(request), rig => WayChoice.Of(rig, request.Id)))
            .WithSummary("The best way for a run or line, and others.").Produces<IReadOnlyList<WayChoice>>().ProducesValidationProblem();
        walk.MapPost("/candidates", async (CandidatesRequest request, LampCatalogue catalogue) =>
            {
                var lamps = await catalogue.LampsAsync();
                return On(request.Rig, Mounted(request.Rig, request.Mount), rig => Candidates.For(MountOf(rig, request.Mount)!, lamps, rig.Vehicle, rig.HouseRules.Units, request.By));
            })
            .WithSummary("What of the catalogue goes on a mount, and why the rest does not.").Produces<IReadOnlyList<Candidate>>().ProducesValidationProblem();
        walk.MapPost("/place", async (PlaceRequest request, LampCatalogue catalogue) =>
            {
                var lamp = await catalogue.FindAsync(request.Lamp);
                return On(request.Rig, [.. Mounted(request.Rig, request.Mount), .. Offered(request.Lamp, lamp)], rig => new RigAnswer(Placing.Put(rig, MountOf(rig, request.Mount)!, lamp!)));
            })
            .WithSummary("The rig with a lamp of the catalogue on a mount, and a line that leads there.").Produces<RigAnswer>().ProducesValidationProblem();
    }

    private static Results<Ok<TAnswer>, ValidationProblem> On<TAnswer>(Rig rig, IEnumerable<Problem> more, Func<Rig, TAnswer> answer)
    {
        var problems = new AssessRequest(rig).Problems().Concat(more).ToList();
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(answer(rig));
    }

    private static Mount? MountOf(Rig rig, string id) => rig.Body?.Mounts.FirstOrDefault(mount => mount.Id == id);

    private static IEnumerable<Problem> Mounted(Rig rig, string mount)
    {
        if (MountOf(rig, mount) is null) yield return new Problem("mount", $"There is no mount called {mount}.");
    }

    private static IEnumerable<Problem> Offered(string lamp, CatalogueLamp? found)
    {
        if (found is null) yield return new Problem("lamp", $"The catalogue has no lamp called {lamp}.");
    }

    private static IEnumerable<Problem> Known(WaysRequest request)
    {
        if (request.Rig.Runs.All(run => run.Id != request.Id) && request.Rig.Lines.All(line => line.Id != request.Id))
            yield return new Problem("id", $"There is no run or line called {request.Id}.");
    }
}
