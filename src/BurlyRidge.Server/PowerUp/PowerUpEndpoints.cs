using BurlyRidge.Core;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.PowerUp;

/// <summary>A rig to be run.</summary>
public sealed record DashboardRequest(Rig Rig) : IAboutRig;

/// <summary>A rig that runs, from one moment to another.</summary>
/// <param name="Events">All that was done to it since it began, in the order of time.</param>
/// <param name="Since">What happened up to there is known already, s.</param>
/// <param name="Until">Where it is to come to, s.</param>
/// <param name="Steady">Whether outputs that flash are taken as their mean: for runs much quicker than life.</param>
public sealed record LiveRequest(Rig Rig, IReadOnlyList<RunEvent> Events, double Since, double Until, bool Steady = false) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems() => RunInput.Problems(Rig, Events, Until, Since);
}

/// <summary>A tester held to a rig that runs.</summary>
/// <param name="At">When, s.</param>
public sealed record ProbeRequest(Rig Rig, IReadOnlyList<RunEvent> Events, double At, Probing Probing, bool Steady = false) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems() => RunInput.Problems(Rig, Events, At, 0);
}

/// <summary>What a run came to since a moment.</summary>
public sealed record LiveAnswer(RunMoment Moment, RigState Dash, IReadOnlyList<string> Faults, IReadOnlyList<RunSample> Samples, IReadOnlyList<RunNote> Notes);

/// <summary>What cannot be taken of a run.</summary>
internal static class RunInput
{
    private const int MostEvents = 2_000;

    /// <summary>A run is a week at most, s.</summary>
    private const double Longest = 7 * 24 * 3600;

    /// <summary>At one time no more is run, s.</summary>
    private const double MostAtOnce = 24 * 3600;

    public static IEnumerable<Problem> Problems(Rig rig, IReadOnlyList<RunEvent> events, double until, double since)
    {
        var problems = new Problems();
        problems.Count("events", events.Count, 0, MostEvents, ServerWords.EventsOfARun);
        problems.Within("until", until, 0, Longest, "s");
        problems.Within("since", since, 0, Longest, "s");
        if (until - since > MostAtOnce || since > until) problems.Add("since", ServerWords.ARunIsDone);
        if (problems.Found.Count > 0) return problems.Found;
        var whole = QuickPlans.Structure(rig);
        for (var i = 0; i < events.Count; i++)
        {
            if (events[i] is not { } one)
            {
                problems.Add($"events[{i}]", ServerWords.MustNotBeEmpty);
                continue;
            }
            problems.Within($"events[{i}].seconds", one.Seconds, i > 0 && events[i - 1] is { } before ? before.Seconds : 0, Longest, "s");
            if (one is RunEvent.Turns turns)
                foreach (var problem in StateValidation.Validate($"events[{i}].dash", turns.Dash, whole)) problems.Add(problem.Path, problem.Message);
            if (one is RunEvent.Charges charges) problems.Within($"events[{i}].charge", charges.Charge, 0, 1);
            if (one is RunEvent.Breaks breaks) problems.Count($"events[{i}].faults", breaks.Faults?.Count ?? -1, 0, 20, ServerWords.FaultsOfARun);
        }
        return problems.Found;
    }
}

/// <summary>The rig live: worked, looked at, probed, broken. Nothing is stored.</summary>
internal static class PowerUpEndpoints
{
    public static void MapPowerUp(this IEndpointRouteBuilder routes)
    {
        var rigs = routes.MapRigs("/api/preview", ServerWords.PowerUp);
        rigs.MapPost("/dashboard", DashboardAsync).WithName("lookAtDashboard").Refuses()
            .WithSummary("What there is of a rig to turn and to press, where its relays, fuses and wires are, what a probe can be held to, and what can be wrong with it.").WithDescription("Positions are those that states of the rig name.");
        rigs.MapPost("/live", RunAsync).WithName("runRig").Refuses()
            .WithSummary("Runs a rig through time from what is done to it: what is lit, pulled in, blown and warm at the end, and what happened since.").WithDescription("The same events give the same answer; a run that goes on is gone on with.");
        rigs.MapPost("/probe", ProbeAsync).WithName("probeRig").Refuses()
            .WithSummary("What a meter, a test lamp or a two-colour tester shows on a rig that runs.").WithDescription("Ohms are refused while it is live.");
    }

    private static async Task<Ok<Dashboard>> DashboardAsync(DashboardRequest request, CancellationToken cancellation) =>
        TypedResults.Ok(Dashboard.Of(await AssessmentCache.OfAsync(request.Rig, cancellation)));

    private static async Task<Ok<LiveAnswer>> RunAsync(LiveRequest request, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(request.Rig, cancellation);
        return TypedResults.Ok(cancellation.WorkOut(token =>
        {
            var from = request.Since > 0 ? RunMemory.At(assessed, request.Events, request.Since, request.Steady, token) : null;
            var run = RunMemory.Go(assessed, request.Events, from, request.Until, request.Steady, token);
            return new LiveAnswer(run.Moment, run.End.Dash, run.End.Faults, run.Samples, run.Notes);
        }));
    }

    private static async Task<Results<Ok<TesterReading>, ValidationProblem>> ProbeAsync(ProbeRequest request, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(request.Rig, cancellation);
        var state = RunMemory.At(assessed, request.Events, request.At, request.Steady, cancellation);
        return Meter.Read(assessed.Study.Wired, state, request.Probing) is { } reading ? TypedResults.Ok(reading)
            : BadInput.Of([new Problem("probing.red", ServerWords.NoSuchTerminal)]);
    }
}
