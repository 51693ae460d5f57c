using BurlyRidge.Server.Catalogue;
using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Assess;

/// <summary>A rig to be assessed.</summary>
/// <param name="States">The states to solve it in, one after another, each from the contacts that the one before left.</param>
public sealed record AssessRequest(Rig Rig, IReadOnlyList<RigState>? States = null) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems()
    {
        if (RigSize.MaxStates(Rig) is var most && States?.Count > most) return [new Problem("states", ServerWords.FormatAskForUpToStates(most))];
        var (states, rig) = (Named(), new Lazy<Rig>(() => QuickPlans.Structure(Rig)));
        return states.SelectMany((state, i) => StateValidation.Validate($"states[{i}]", state, rig.Value));
    }

    /// <summary>The states with the switches of quick plans under their own ids.</summary>
    internal IReadOnlyList<RigState> Named() => [.. (States ?? []).Select(state => state is null ? null! : QuickPlans.Named(Rig, state))];
}

/// <summary>A rig and other house rules for it.</summary>
public sealed record RulesRequest(Rig Rig, HouseRules HouseRules) : IAboutRig
{
    internal Rig Otherwise => Rig with { HouseRules = HouseRules };

    IEnumerable<Problem> IAboutRig.Problems() => RigValidation.Validate(Otherwise);
}

/// <summary>A rig in one state as a netlist.</summary>
public sealed record NetlistRequest(Rig Rig, RigState State) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems() => StateValidation.Validate("state", State, QuickPlans.Structure(Rig));
}

/// <summary>A rig and one run of it.</summary>
public sealed record RunRequest(Rig Rig, string Run) : IAboutRig;

internal static class AssessEndpoint
{
    public static void MapAssess(this IEndpointRouteBuilder routes)
    {
        routes.MapRigs("/api", ServerWords.Assess).MapPost("/assess", AssessAsync).WithName("assess").Refuses()
            .WithSummary("Assesses a rig as it would be if saved; nothing is stored.")
            .WithDescription("The rig may be of any version that job files may have. The states are solved one after another, each from the contacts that the one before left.");
        var preview = routes.MapRigs("/api/preview", ServerWords.Assess);
        preview.MapPost("/rules", CompareAsync).WithName("compareRules").Refuses()
            .WithSummary("Which checks come out otherwise under other house rules.").WithDescription("Both ways, with the tally before and after.");
        preview.MapPost("/netlist", Netlist).WithName("netlist").Refuses().Produces<string>(StatusCodes.Status200OK, "text/plain")
            .WithSummary("A rig in one state as a SPICE netlist.").WithDescription("Quick plans stand in full wiring.");
        preview.MapPost("/run", JudgeAsync).WithName("judgeRun").Refuses()
            .WithSummary("The wire ladder and the fuse window of one run, from the network.").WithDescription("Every size judged, with its drop, heat, copper and price.");
    }

    private static async Task<Ok<Assessment>> AssessAsync(AssessRequest request, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(request.Rig, cancellation);
        return TypedResults.Ok(cancellation.WorkOut(token => assessed.In(request.Named(), token)));
    }

    private static async Task<Ok<CheckChanges>> CompareAsync(RulesRequest request, CancellationToken cancellation)
    {
        var today = await AssessmentCache.OfAsync(request.Rig, cancellation);
        return TypedResults.Ok(CheckChanges.Of(today.Assessment, cancellation.WorkOut(token => AssessedRig.Of(request.Otherwise, sizes: QuickSizeCache.Sizes, cancellation: token)).Assessment));
    }

    private static ContentHttpResult Netlist(NetlistRequest request)
    {
        var solved = HarnessCompiler.Solve(WholeRig.Of(request.Rig, QuickSizeCache.Sizes).Wired, request.State);
        return TypedResults.Text(SpiceNetlist.Write(ServerWords.BurlyRidgeRig, solved), "text/plain");
    }

    private static async Task<Results<Ok<RunAssessment>, ValidationProblem>> JudgeAsync(RunRequest request, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(request.Rig, cancellation);
        return cancellation.WorkOut(token => RunAssessment.Of(assessed, request.Run, ShippedCatalogue.Wire, token)) is { } run
            ? TypedResults.Ok(run)
            : BadInput.Of(new Problem("run", ServerWords.FormatThereIsNoRunCalled(request.Run)));
    }
}
