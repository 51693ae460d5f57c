using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>How large a rig may be, so that everything that is asked about it is answered within seconds; measured, see docs/performance.md.</summary>
public static class RigSize
{
    /// <summary>The most lines.</summary>
    public const int MaxLines = 300;

    /// <summary>The most parts, those of the vehicle counted.</summary>
    public const int MaxParts = 3_000;

    /// <summary>The most wires.</summary>
    public const int MaxWires = 5_000;

    /// <summary>The most lamps that lines name, all lines together.</summary>
    public const int MaxNames = 8_000;

    /// <summary>The most lamps of one line.</summary>
    public const int MaxLampsOfLine = 200;

    /// <summary>The most lights of fixtures.</summary>
    public const int MaxLamps = 600;

    /// <summary>The most fuses and breakers in holders of their own.</summary>
    public const int MaxFuses = 600;

    /// <summary>The most relays, outputs that an input works counted.</summary>
    public const int MaxRelays = 250;

    /// <summary>A quick plan's fuse and that of its control.</summary>
    private const int FusesOfQuickPlan = 2;

    /// <summary>Fuses, relay, switch, plugs and earths of a quick plan.</summary>
    private const int PartsOfQuickPlan = 7;

    /// <summary>Wires of a quick plan without the tails of its lamps, at the most.</summary>
    private const int WiresOfQuickPlan = 9;

    private const int MaxAnswers = 40_000;
    private const long MaxProfilePoints = 2_000_000;
    private const int StatesAtMost = 64;

    /// <summary>The most states that a rig may be solved in at once: fewer of a large one.</summary>
    public static int MaxStates(Rig rig)
    {
        var answers = Math.Max(1, Parts(rig) + rig.Runs.Count);
        return (int)Math.Clamp(Math.Min(MaxAnswers / answers, MaxProfilePoints / (answers * Math.Max(1L, rig.Lines.Count))), 1, StatesAtMost);
    }

    /// <summary>What of <paramref name="rig"/> is too large, by field; it may be read and written, and nothing more.</summary>
    public static IReadOnlyList<Problem> Problems(Rig rig)
    {
        var problems = new Problems();
        problems.AtMost("lines", rig.Lines.Count, MaxLines, PartWords.Lines);
        problems.AtMost("parts", Parts(rig), MaxParts, PartWords.Parts);
        problems.AtMost("runs", rig.Runs.Count + WiresOfQuickPlan * QuickPlans(rig) + 2 * QuickLamps(rig), MaxWires, PartWords.Wires);
        problems.AtMost("lines", rig.Lines.Sum(line => (line?.Lights.Count ?? 0) + (line?.Plan?.Fixtures.Count ?? 0)), MaxNames, PartWords.LampsThatLinesName);
        problems.AtMost("fixtures", Lights(rig) + QuickLamps(rig), MaxLamps, PartWords.Lights);
        problems.AtMost("protection", rig.Protection.Count + FusesOfQuickPlan * QuickPlans(rig), MaxFuses, PartWords.Fuses);
        problems.AtMost("relays", rig.Relays.Count + rig.PowerBoxes.Sum(box => box?.Outputs.Count(output => output?.WorkedBy == WorkedBy.Input) ?? 0), MaxRelays, PartWords.Relays);
        for (var i = 0; i < rig.Lines.Count; i++)
            problems.AtMost($"lines[{i}].lights", Math.Max(rig.Lines[i]?.Lights.Count ?? 0, rig.Lines[i]?.Plan?.Lamps.Sum(Lamps) ?? 0), MaxLampsOfLine, PartWords.LampsOnOneLine);
        problems.AtMost("places", rig.Places.Count + rig.PartBodies.Count, 2 * MaxParts, PartWords.PlacedParts);
        return problems.Found;
    }

    private static int Lights(Rig rig) => rig.Fixtures.Sum(lamp => Math.Max(1, lamp?.Functions.Count ?? 0));

    private static int Parts(Rig rig) => Rig.Lists.Where(list => list.Path.Length > 0).SelectMany(list => list.Of(rig)).Sum(part => part?.Size ?? 0) + QuickLamps(rig) + PartsOfQuickPlan * QuickPlans(rig);

    private static int QuickPlans(Rig rig) => rig.Lines.Count(line => line?.Plan is not null);

    /// <summary>Lamps that quick plans bring; those that are bought already stand among the fixtures.</summary>
    private static int QuickLamps(Rig rig) => rig.Lines.Sum(line => line?.Plan is { } plan ? Math.Max(0, plan.Lamps.Sum(Lamps) - plan.Fixtures.Count) : 0);

    private static int Lamps(LampSet? set) => Math.Clamp(set?.Count ?? 0, 0, MaxParts);
}
