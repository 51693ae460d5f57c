using System.Text.Json.Serialization;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Edits;

/// <summary>Puts another lamp of the catalogue in the place of one that is fitted: its lines, its mount and its wires stay.</summary>
/// <param name="Fixture">The lamp that goes.</param>
/// <param name="Lamp">Id of the other in the catalogue.</param>
public sealed record SwapLamp(string Fixture, string Lamp) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesCatalogue => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (rig.Fixtures.FirstOrDefault(fixture => fixture.Id == Fixture) is not { } old) return EditOutcome.No("fixture", EditWords.ThereIsNoSuchLamp);
        if (context.Lamp(Lamp) is not { } offered) return EditOutcome.No("lamp", EditWords.FormatTheCatalogueHasNoLamp(Lamp));
        var fresh = offered.Fixture;
        var pins = Pins(old, fresh);
        var lights = old.Functions.Zip(fresh.Functions).ToDictionary(pair => $"{Fixture}.{pair.First.Id}", pair => $"{Fixture}.{pair.Second.Id}", StringComparer.Ordinal);
        var left = rig.Runs.SelectMany(run => run.Ends()).Where(end => TerminalIndex.Split(end).Part == Fixture && !pins.ContainsKey(end)).ToHashSet(StringComparer.Ordinal);
        if (rig.Lines.FirstOrDefault(line => line.Lights.Any(light => TerminalIndex.Split(light).Part == Fixture && !lights.ContainsKey(light))) is { } dark)
            return new EditOutcome.NotPossible(EditWords.TheLampWasNotExchanged, EditWords.FormatHasNoLightForChoose(fresh.Name, dark.Name));
        string End(string end) => pins.GetValueOrDefault(end, end);
        var caps = rig.Joints.Where(joint => joint.Kind == JointKind.Cap).Select(joint => joint.Id).ToHashSet(StringComparer.Ordinal);
        var gone = rig.Runs.Where(run => run.Ends().Any(left.Contains)).ToList();
        var made = PartRemoval.Fitted(
            rig with
            {
                Fixtures = [.. rig.Fixtures.Select(fixture => fixture.Id == Fixture ? fresh with { Id = Fixture, Bracket = fresh.Bracket ?? old.Bracket } : fixture)],
                Runs = [.. rig.Runs.Except(gone).Select(run => run with { From = End(run.From), To = End(run.To) })],
                Lines = [.. rig.Lines.Select(line => line with { Lights = [.. line.Lights.Select(light => lights.GetValueOrDefault(light, light))], Plan = Planned(line, fresh) })],
            },
            gone.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).Where(caps.Contains).ToHashSet(StringComparer.Ordinal));
        return EditOutcome.Of(made, [.. Words(rig, old, fresh, gone.Count)]);
    }

    /// <summary>A quick plan that names the lamp is planned for the other.</summary>
    private LinePlan? Planned(Line line, Fixture fresh)
    {
        if (line.Plan is not { } plan || !plan.Fixtures.Contains(Fixture)) return line.Plan;
        var at = plan.Fixtures.ToList().IndexOf(Fixture);
        var light = fresh.Functions[0];
        return plan with { Lamps = [.. plan.Lamps.Select((set, i) => i == at && set.Count == 1 ? new LampSet(light.Kind, 1, light.Power) : set)] };
    }

    /// <summary>Terminals of the old lamp's leads and those of the new one that do the same.</summary>
    private Dictionary<string, string> Pins(Fixture old, Fixture fresh)
    {
        var pins = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var (was, now) in old.Functions.Zip(fresh.Functions))
        {
            pins.TryAdd($"{Fixture}.{was.Plus}", $"{Fixture}.{now.Plus}");
            pins.TryAdd($"{Fixture}.{was.Minus}", $"{Fixture}.{now.Minus}");
            if (was.DimPin is { } dim && now.DimPin is { } other) pins.TryAdd($"{Fixture}.{dim}", $"{Fixture}.{other}");
        }
        foreach (var pin in old.SparePins.Intersect(fresh.SparePins)) pins.TryAdd($"{Fixture}.{pin}", $"{Fixture}.{pin}");
        return pins;
    }

    private static IEnumerable<string> Words(Rig rig, Fixture old, Fixture fresh, int gone)
    {
        var (before, after) = (old.Functions.Sum(light => light.Power), fresh.Functions.Sum(light => light.Power));
        yield return before == after
            ? EditWords.FormatIsNowWithTheSame(PartNames.Of(rig)[old.Id], fresh.Name)
            : EditWords.FormatIsNowWhereItWas(PartNames.Of(rig)[old.Id], fresh.Name, Format.Watts(after), Format.Watts(before));
        if (gone > 0) yield return EditWords.FormatRemoved2(Format.Count(gone, EditWords.LeadThatItDoesNot, EditWords.LeadsThatItDoesNot));
        if (fresh.Body?.TailMillimetres is { } tail && old.Body?.TailMillimetres is { } was && tail < was) yield return EditWords.FormatItsTailIsShorter(Format.Millimetres(tail, rig.HouseRules.Units));
    }
}
