using BurlyRidge.Core;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace BurlyRidge.Server.PowerUp;

/// <summary>A line whose fault is looked for.</summary>
/// <param name="Job">Id of the job whose record says what was seen and read; null: none.</param>
/// <param name="Trial">What was seen and read on the simulated rig, which stands for the job's record and is written nowhere; null: it is no trial.</param>
public sealed record DiagnosisRequest(Rig Rig, string Line, string? Job = null, IReadOnlyList<CommissioningEvent>? Trial = null) : IAboutRig
{
    private const int MostEntries = 500;

    IEnumerable<Problem> IAboutRig.Problems()
    {
        var problems = new Problems();
        if (Trial is null) return problems.Found;
        problems.Count("trial", Trial.Count, 0, MostEntries, ServerWords.ReadingsOfATrial);
        problems.Each("trial", Trial, (path, what) =>
        {
            foreach (var problem in what.Validate()) problems.Add($"{path}.{problem.Path}", problem.Message);
        });
        return problems.Found;
    }
}

/// <summary>How far a diagnosis is worked out, or what came of it; the other is null.</summary>
/// <param name="Progress">0 to 1.</param>
public sealed record DiagnosisPart(double? Progress = null, DiagnosisView? Answer = null);

/// <summary>The simulated vehicle, looked at or measured in one way of standing.</summary>
/// <param name="Faults">What is wrong with it, as keys of the fault library.</param>
/// <param name="Probing">Where its meter is held; null: it is only looked at.</param>
public sealed record TryRequest(Rig Rig, string Line, string Stand, IReadOnlyList<string> Faults, Probing? Probing = null) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems()
    {
        var problems = new Problems();
        problems.Count("faults", Faults.Count, 0, 20, ServerWords.FaultsOfARun);
        return problems.Found;
    }
}

/// <summary>What the simulated vehicle shows.</summary>
/// <param name="Value">V, A or Ω; null: nothing was measured.</param>
public sealed record TriedHere(IReadOnlyList<SeenLamp> Seen, double? Value);

/// <summary>What is wrong with a line, and what to measure next.</summary>
internal static class DiagnosisEndpoints
{
    public static void MapDiagnosis(this IEndpointRouteBuilder routes)
    {
        var rigs = routes.MapRigs("/api/preview", ServerWords.PowerUp);
        rigs.MapPost("/diagnosis", LookAsync).WithName("diagnose").Refuses().Produces<DiagnosisPart>(StatusCodes.Status200OK, JsonLines.ContentType)
            .WithSummary("What is likely to be wrong with a line after what was seen and read, and which reading tells most for its minutes.")
            .WithDescription("One JSON object a line: how far the faults are worked out, and last the answer. Nothing is stored; what is seen and read is written into the job's record as commissioning is.");
        rigs.MapPost("/tried", TryAsync).WithName("tryVehicle").Refuses()
            .WithSummary("What the simulated vehicle shows with faults in it: its lamps, and what its meter reads.").WithDescription("Its parts are somewhere within their tolerances, always the same.");
    }

    private static async Task<Results<EmptyHttpResult, ValidationProblem>> LookAsync(DiagnosisRequest request, HttpContext context, DiagnosisDesk desk, IOptions<JsonOptions> json)
    {
        if (request.Rig.Lines.All(line => line.Id != request.Line)) return BadInput.Of([new Problem("line", ServerWords.NoSuchReading)]);
        await JsonLines.WhileAsync<DiagnosisPart>(context, json, async tell =>
            tell(new DiagnosisPart(Answer: await desk.LookAsync(request, new Told(progress => tell(new DiagnosisPart(Progress: (double)progress.Done / progress.All))), context.RequestAborted))));
        return TypedResults.Empty;
    }

    private static async Task<Results<Ok<TriedHere>, ValidationProblem>> TryAsync(TryRequest request, CancellationToken cancellation) =>
        await DiagnosisDesk.TryAsync(request, cancellation) is { } tried ? TypedResults.Ok(tried) : BadInput.Of([new Problem("stand", ServerWords.NoSuchReading)]);

    /// <summary>Tells progress at once, in the order in which it comes.</summary>
    private sealed class Told(Action<DiagnosisProgress> tell) : IProgress<DiagnosisProgress>
    {
        public void Report(DiagnosisProgress value) => tell(value);
    }
}
