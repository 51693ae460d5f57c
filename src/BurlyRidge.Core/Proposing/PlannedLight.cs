using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>A line of a plan as it was decided: enough to put it into the rig that it was planned for.</summary>
/// <param name="Light">The wish that it answers.</param>
/// <param name="Mount">Id of the mount, or of a pair the one that is named first.</param>
/// <param name="Lamp">Id of the lamp in the catalogue.</param>
/// <param name="Count">How many of it.</param>
/// <param name="Start">The start that it is made from.</param>
public sealed record PlannedLight(LightWanted Light, string Mount, string Lamp, int Count, string Start)
{
    /// <summary>Name of the bracket that stands between, as a lamp of the catalogue has it; null: as the lamp is sold.</summary>
    public string? Bracket { get; init; }

    /// <summary>Signals are picked up by an adaptor in the lamp's plug, and no wire of the vehicle is cut.</summary>
    public bool ByAdaptor { get; init; }

    /// <summary>Id of the bought harness that it is wired with; null: none.</summary>
    public string? Kit { get; init; }

    /// <summary>Lamps that go somewhere else for it.</summary>
    public IReadOnlyList<LampMove> Moves { get; init; } = [];

    /// <summary>What of it a rig and a catalogue do not know, by field.</summary>
    public IEnumerable<Problem> Problems(Rig rig, IReadOnlyList<CatalogueLamp> lamps, IReadOnlyList<Kit> kits)
    {
        bool Unknown(string mount) => rig.Body?.Mounts.All(other => other.Id != mount) != false;
        if (Unknown(Mount)) yield return new Problem("mount", ProposingWords.ThereIsNoSuchMount);
        if (InCatalogue(lamps) is null) yield return new Problem("lamp", ProposingWords.ThereIsNoSuchLamp);
        if (Count is < 1 or > TemplateAnswers.MaxLamps) yield return new Problem("count", ProposingWords.FormatGive1ToLamps(TemplateAnswers.MaxLamps));
        if (LineTemplates.All.All(template => template.Id != Start)) yield return new Problem("start", ProposingWords.ThereIsNoSuchStart);
        if (Kit is { } kit && kits.All(other => other.Id != kit)) yield return new Problem("kit", ProposingWords.ThereIsNoSuchKit);
        for (var i = 0; i < Moves.Count; i++)
            if (Unknown(Moves[i].To) || rig.Fixtures.All(lamp => lamp.Id != Moves[i].Lamp)) yield return new Problem($"moves[{i}]", ProposingWords.ThereIsNoSuchMount);
    }

    /// <summary>The rig with it; null where its start does not suit, or the kit cannot serve it. It names nothing that is not there.</summary>
    /// <exception cref="OperationCanceledException"/>
    public BuiltLine? Build(Rig rig, IReadOnlyList<CatalogueLamp> lamps, IReadOnlyList<Kit> kits, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        if (InCatalogue(lamps) is not { } lamp) return null;
        foreach (var move in Moves) rig = rig with { Places = [.. rig.Places.Select(place => place.Part == move.Lamp ? place with { At = move.To } : place)] };
        if (LineTemplates.For(rig, lamp, Count).First(offered => offered.Template.Id == Start).WhyNot.Length > 0) return null;
        var name = FreeName.Among(rig.Lines.Select(line => line.Name).ToHashSet(StringComparer.OrdinalIgnoreCase), LightWords.NameOf(Light));
        var built = LineTemplates.Build(rig, new TemplateAnswers(Start, name, lamp, Count) { At = Mount, ByAdaptor = ByAdaptor, SlotLater = true }, sizes, cancellation);
        var used = built.Rig with { Lines = [.. built.Rig.Lines.Select(line => line.Id == built.LineId ? line with { Use = LightWords.UseOf(Light), Answers = [Light] } : line)] };
        if (Kit is null) return built with { Rig = used };
        var kit = kits.First(other => other.Id == Kit);
        var made = KitConversion.Of(WholeRig.Of(used, sizes, cancellation).Expanded(built.LineId), built.LineId, kit, new KitWish(TriggerOf(Start)));
        return made.Converted is { } converted ? Fused(new BuiltLine(converted, built.LineId, [ProposingWords.FormatWiredWithKit(kit.Name), .. made.Changes.Select(change => change.Words)]), rig, kit, lamp) : null;
    }

    /// <summary>Kits come with the fuse of the largest lamp that they are sold for: it goes out for the smallest that carries these.</summary>
    private BuiltLine Fused(BuiltLine line, Rig before, Kit kit, Fixture lamp)
    {
        var amps = Count * LampLoads.DesignAmps(lamp.Functions[0], before.Vehicle.SystemVolts, before.HouseRules.DesignDrop()) / before.HouseRules.FuseLoadFraction;
        var fuse = FuseTable.AtLeast(amps);
        var there = before.Protection.Select(device => device.Id).ToHashSet(StringComparer.Ordinal);
        bool Larger(ProtectiveDevice device) => !there.Contains(device.Id) && kit.Fuses.Any(other => other.Amps == device.Fuse.RatingAmps) && device.Fuse.RatingAmps > fuse.RatingAmps;
        if (line.Rig.Protection.FirstOrDefault(Larger) is not { } large) return line;
        return line with
        {
            Rig = line.Rig with { Protection = [.. line.Rig.Protection.Select(device => Larger(device) ? device with { Fuse = fuse } : device)] },
            Notes = [.. line.Notes, ProposingWords.FormatASmallerFuse(Format.RatedAmps(large.Fuse.RatingAmps), Format.RatedAmps(fuse.RatingAmps))],
        };
    }

    private static Signal? TriggerOf(string start) => start switch
    {
        "beam-pair" or "beam-pair-both" => Signal.HighBeam,
        "rear-relay" or "rear-auto" => Signal.Reverse,
        _ => null,
    };

    private Fixture? InCatalogue(IReadOnlyList<CatalogueLamp> lamps) =>
        lamps.FirstOrDefault(lamp => lamp.Fixture.Id == Lamp)?.Fixture is not { } fixture ? null
        : Bracket is null || fixture.Bracket?.Name == Bracket ? fixture
        : lamps.Select(lamp => lamp.Fixture.Bracket).FirstOrDefault(bracket => bracket?.Name == Bracket) is { } bracket ? fixture with { Bracket = bracket } : null;
}

/// <summary>A lamp that goes to another mount.</summary>
/// <param name="Lamp">Id of the lamp in the rig.</param>
/// <param name="To">Id of the mount.</param>
public sealed record LampMove(string Lamp, string To);
