namespace BurlyRidge.Core.Commissioning;

/// <summary>How far a line is.</summary>
public enum LineStanding
{
    /// <summary>Nothing was measured.</summary>
    Open,

    /// <summary>Some readings are there.</summary>
    Begun,

    /// <summary>It was commissioned, and the plan still has it so.</summary>
    Passed,

    /// <summary>It was commissioned, and the plan was changed since where it matters.</summary>
    ChangedSince,
}

/// <summary>A line in the list of those to be commissioned.</summary>
/// <param name="Taken">Readings that are there.</param>
/// <param name="All">Readings that are to be taken.</param>
/// <param name="Passed">When and by whom; null: not yet.</param>
public sealed record CommissionedLine(string Id, string Name, LineStanding Standing, int Taken, int All, PassedLine? Passed);

/// <summary>Something to be turned over, with what came of it.</summary>
/// <param name="Came">Null: not yet.</param>
public sealed record TurnCard(TurnCheck Check, TurnedSo? Came);

/// <summary>What is measured and tried on a vehicle, and how far that is.</summary>
/// <param name="BatteryVolts">As measured at rest; null: not yet.</param>
public sealed record CommissioningView(double? BatteryVolts, IReadOnlyList<CommissionedLine> Lines, IReadOnlyList<TurnCard> Turns)
{
    /// <summary>Looks at it; pure and total.</summary>
    public static CommissioningView Of(CommissioningPlan plan, CommissioningRecord record) => new(
        record.BatteryVolts,
        LinesOf(plan, record),
        [.. plan.Turns.Select(check => new TurnCard(check, record.Turned.GetValueOrDefault(check.Key)))]);

    /// <summary>The lines alone: what is turned over takes longer to work out than all of them.</summary>
    public static IReadOnlyList<CommissionedLine> LinesOf(CommissioningPlan plan, CommissioningRecord record) =>
        [Of(plan, ReadingPlan.OfVehicle, CommissioningWords.VehicleItself, record), .. plan.Study.Lines.Select(line => Of(plan, line.Line.Id, line.Line.Name, record))];

    private static CommissionedLine Of(CommissioningPlan plan, string id, string name, CommissioningRecord record)
    {
        var groups = plan.Of(id);
        var keys = groups.SelectMany(group => group.Readings.Select(reading => LineCard.KeyOf(group.Id, reading.Key))).ToList();
        var taken = keys.Count(key => record.Readings.ContainsKey((id, key)));
        var passed = record.Passed.GetValueOrDefault(id);
        var standing = passed is null ? taken > 0 ? LineStanding.Begun : LineStanding.Open : passed.What.Print == ReadingPlan.PrintOf(groups) ? LineStanding.Passed : LineStanding.ChangedSince;
        return new CommissionedLine(id, name, standing, taken, keys.Count, passed);
    }
}

/// <summary>A reading that is to be taken, with the one that was.</summary>
public sealed record ReadingCard(ExpectedReading Expected, TakenReading? Taken, JudgedReading? Judged);

/// <summary>Readings taken while the rig stands in one way.</summary>
public sealed record GroupCard(string Words, Rigs.RigState State, IReadOnlyList<string> Out, bool OnBench, IReadOnlyList<ReadingCard> Readings);

/// <summary>The readings of a line.</summary>
/// <param name="Left">What keeps it from being passed, in words; empty: nothing.</param>
public sealed record LineCard(string Line, string Name, string Left, IReadOnlyList<GroupCard> Groups)
{
    /// <summary>Names a reading within its line.</summary>
    internal static string KeyOf(string group, string reading) => $"{group}/{reading}";

    /// <summary>Holds what was measured against what should be.</summary>
    public static LineCard Of(CommissioningPlan plan, LineReadings readings, CommissioningRecord record)
    {
        IReadOnlyList<GroupCard> groups = [.. readings.Groups.Select(group => new GroupCard(group.Words, group.State, group.Out, group.OnBench, [.. group.Readings.Select(expected =>
        {
            var taken = record.Readings.GetValueOrDefault((readings.Line, expected.Key));
            return new ReadingCard(expected, taken, taken is null ? null : ReadingJudge.Judge(plan, readings, expected.Key, taken.Value));
        })]))];
        return new LineCard(readings.Line, readings.Name, LeftOf([.. groups.SelectMany(group => group.Readings)]), groups);
    }

    private static string LeftOf(IReadOnlyList<ReadingCard> all)
    {
        var (open, again, wrong) = (all.Count(card => card.Taken is null), all.Count(card => card.Judged?.Verdict == ReadingVerdict.MeasureAgain), all.Count(card => card.Judged?.Verdict == ReadingVerdict.NotPassed));
        var left = new List<string>();
        if (open > 0) left.Add(CommissioningWords.FormatLeftToMeasure(Format.Count(open, CommissioningWords.ReadingWord, CommissioningWords.ReadingsWord)));
        if (again > 0) left.Add(CommissioningWords.FormatLeftToMeasureAgain(Format.Count(again, CommissioningWords.ReadingWord, CommissioningWords.ReadingsWord)));
        if (wrong > 0) left.Add(CommissioningWords.FormatLeftToMend(Format.Count(wrong, CommissioningWords.ReadingWord, CommissioningWords.ReadingsWord)));
        return Format.Capital(Format.And(left));
    }
}
