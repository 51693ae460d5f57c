namespace BurlyRidge.Core.RunSheet;

/// <summary>Something that stands in a calendar.</summary>
/// <param name="AllDay">No hours of its own: a part is due.</param>
public sealed record CalendarEntry(string Title, string Detail, DateTime From, DateTime To, bool AllDay = false);

/// <summary>What is left of the work, day by day.</summary>
public static class WorkDays
{
    private const int FirstHour = 8;

    /// <summary>It is dark by then for most of the year, and nobody has gone to bed.</summary>
    private const int DarkHour = 20;

    /// <summary>Puts what is left into working days from Monday to Friday, after what is waited for has come where it stops everything else.</summary>
    /// <param name="hours">Hours of a working day, above 0 to 16.</param>
    /// <param name="factor">Minutes over those of the table.</param>
    public static IReadOnlyList<CalendarEntry> Of(string job, SheetView view, DateTime now, double hours, double factor)
    {
        var left = view.Steps.Where(card => card.State != StepState.Done).ToList();
        var entries = new List<CalendarEntry>();
        foreach (var due in left.Where(card => card.Wait?.Until is { Length: > 0 }))
            if (DateOnly.TryParse(due.Wait!.Until, System.Globalization.CultureInfo.InvariantCulture, out var day))
                entries.Add(new CalendarEntry(RunSheetWords.FormatDueOn(due.Step.Title), job, day.ToDateTime(TimeOnly.MinValue), day.AddDays(1).ToDateTime(TimeOnly.MinValue), AllDay: true));
        var minutesADay = hours * 60;
        var at = Working(now);
        var used = Math.Clamp((now - Day(at)).TotalMinutes, 0, minutesADay);
        if (Day(at).Date != now.Date) used = 0;
        foreach (var (work, dark) in new[] { (left.Where(card => card.Step.Stage < Stage.Dark && card.Step.Stage != Stage.Late), false), (left.Where(card => card.Step.Stage == Stage.Dark), true) })
        {
            var today = new List<StepCard>();
            var (start, spent) = (used, dark ? 0.0 : used);
            foreach (var card in work)
            {
                var minutes = card.Step.Minutes * factor;
                if (!dark && spent + minutes > minutesADay && spent > 0)
                {
                    Close();
                    at = Working(at.AddDays(1));
                    (start, spent) = (0, 0);
                }
                today.Add(card);
                spent += minutes;
            }
            Close();
            used = spent;

            void Close()
            {
                if (today.Count == 0) return;
                var from = dark ? at.Date.AddHours(DarkHour) : Day(at).AddMinutes(start);
                entries.Add(new CalendarEntry(
                    RunSheetWords.FormatWorkOn(job, Format.And(today.Select(card => StageWords.Of(card.Step.Stage)).Distinct())), string.Join('\n', today.Select(card => card.Step.Title)),
                    from, from.AddMinutes(Math.Max(1, Math.Ceiling(dark ? spent : spent - start)))));
                today.Clear();
            }
        }
        return [.. entries.OrderBy(entry => entry.From)];
    }

    private static DateTime Day(DateTime at) => at.Date.AddHours(FirstHour);

    private static DateTime Working(DateTime at)
    {
        while (at.DayOfWeek is DayOfWeek.Saturday or DayOfWeek.Sunday) at = at.Date.AddDays(1).AddHours(FirstHour);
        return at;
    }
}
