using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Lines;

/// <summary>A rig and one line of it to be looked at.</summary>
/// <param name="State">How vehicle and switches stand; null: the least that lights it, engine off.</param>
public sealed record LineRequest(Rig Rig, string LineId, RigState? State = null) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems() =>
    [
        .. Rig.Lines.All(other => other.Id != LineId) ? [new Problem("lineId", ServerWords.FormatThereIsNoLineCalled2(LineId))] : Array.Empty<Problem>(),
        .. State is { } state ? StateValidation.Validate("state", state, QuickPlans.Structure(Rig)) : [],
    ];
}

/// <summary>One line from source to earth, and what can be altered along it; nothing is stored.</summary>
internal static class LineEndpoints
{
    public static void MapLines(this IEndpointRouteBuilder routes) => routes.MapRigs("/api/preview", ServerWords.Lines)
        .MapPost("/line", LookAsync).WithName("lookAtLine").Refuses()
        .WithSummary("A line as strands of stations, with volts, amps and losses in the state asked for and in others.").WithDescription("And what can be added, removed and swapped along it.");

    private static async Task<Ok<LineView>> LookAsync(LineRequest request, CancellationToken cancellation)
    {
        using var held = AssessmentCache.Hold(request.Rig);
        var whole = await held.WholeAsync(cancellation);
        return TypedResults.Ok(cancellation.WorkOut(token => LineView.Of(whole, request.LineId, request.State, token))!);
    }
}
