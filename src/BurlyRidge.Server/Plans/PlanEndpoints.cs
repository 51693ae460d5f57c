using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Pictures;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Bench;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace BurlyRidge.Server.Plans;

/// <summary>A rig with its wishes.</summary>
/// <param name="Job">The job whose shop and stock it is priced by; null: none.</param>
public sealed record PlansRequest(Rig Rig, string? Job = null) : IAboutRig;

/// <summary>How far the search is, or what came of it; the other is null.</summary>
/// <param name="Progress">0 to 1.</param>
public sealed record PlansPart(double? Progress = null, PlansAnswer? Answer = null);

/// <summary>Plans beside each other.</summary>
/// <param name="Standing">Wishes that a line answers already.</param>
/// <param name="KitUnused">Why a kit at hand is in none of them; empty where it is, or none is at hand.</param>
public sealed record PlansAnswer(IReadOnlyList<ShownPlan> All, IReadOnlyList<LightWanted> Standing, string KitUnused);

/// <summary>A plan as it is shown; what was decided is in its lines.</summary>
/// <param name="Scale">What it was weighed by, in points.</param>
/// <param name="Picture">The vehicle from its left side with it on.</param>
public sealed record ShownPlan(
    IReadOnlyList<ProposalAim> Aims, IReadOnlyList<ProposedLine> Lines, IReadOnlyList<NotMet> NotMet, double Price, int Parts, double Lumens, double Watts, int Holes, IReadOnlyList<string> CoversOff, int FreeOutputs,
    Tally Tally, Scale Scale, PictureView? Picture);

/// <summary>A kind of body to start from.</summary>
/// <param name="Picture">From its left side.</param>
/// <param name="Covers">What comes off somewhere on it, by name.</param>
/// <param name="Mounts">Where lamps may be on it.</param>
/// <param name="Spaces">Where other parts may be.</param>
public sealed record BodyChoice(BodyKind Kind, PictureView Picture, IReadOnlyList<string> Covers, IReadOnlyList<PlaceChoice> Mounts, IReadOnlyList<PlaceChoice> Spaces);

/// <summary>A place by name.</summary>
public sealed record PlaceChoice(string Id, string Name);

/// <summary>From wishes to plans.</summary>
internal static class PlanEndpoints
{
    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/bodies", () => TypedResults.Ok(Bodies)).WithTags("Plans").WithName("listBodies").WithSummary("The kinds of body that a job starts from.").WithDescription("Each drawn to scale from its left side, with its covers and mounts by name.");
        routes.MapRigs("/api/preview", ServerWords.Assess).MapPost("/plans", PlanAsync).WithName("plan").Refuses().Produces<PlansPart>(StatusCodes.Status200OK, JsonLines.ContentType)
            .WithSummary("Plans for what a rig's wishes ask for, beside each other.")
            .WithDescription("One JSON object a line: how far the search is, and last the answer. Closing the connection stops it. Nothing is stored; a line is taken by the command takeProposal.");
    }

    private static IReadOnlyList<BodyChoice> Bodies { get; } = [.. Enum.GetValues<BodyKind>().Select(Choice)];

    private static BodyChoice Choice(BodyKind kind)
    {
        var body = GenericBody.Of(kind);
        return new BodyChoice(kind, VehiclePicture.Of(Rig.Empty(12, UnitSystem.Metric) with { Body = body }, ViewSide.Left)!, body.CoverNames(), [.. body.Mounts.Select(mount => new PlaceChoice(mount.Id, mount.Name))],
            [.. body.Spaces.Select(space => new PlaceChoice(space.Id, space.Name))]);
    }

    private static async Task PlanAsync(PlansRequest request, HttpContext context, LampCatalogue lamps, KitCatalogue kits, BenchDesk bench, IOptions<JsonOptions> json)
    {
        var client = context.RequestAborted;
        var trade = new Trade(await lamps.LampsAsync(), await bench.CostingAsync(request.Job, client)) { Kits = await kits.KitsAsync(), Sizes = QuickSizeCache.Sizes };
        await JsonLines.WhileAsync<PlansPart>(context, json, tell =>
        {
            var found = client.WorkOut(token => ProposalSet.Of(request.Rig, trade, progress => tell(new PlansPart(Progress: progress)), token));
            tell(new PlansPart(Answer: Shown(found, request.Rig)));
            return Task.CompletedTask;
        });
    }

    private static PlansAnswer Shown(ProposalSet found, Rig rig) => new(
        [
            .. found.All.Select(plan => new ShownPlan(
                plan.Aims, plan.Lines, plan.NotMet, plan.Price, plan.Parts, plan.Lumens, plan.Watts, plan.Holes, plan.CoversOff, plan.FreeOutputs, plan.Tally,
                Scale.Of(plan.Aims[0], rig.Wishes.Weights, rig.Vehicle), VehiclePicture.Of(plan.Rig, ViewSide.Left))),
        ],
        found.Standing,
        found.KitUnused);
}
