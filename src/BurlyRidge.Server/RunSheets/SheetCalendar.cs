using BurlyRidge.Core.RunSheet;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace BurlyRidge.Server.RunSheets;

/// <summary>Work as a calendar file (RFC 5545), in the time of wherever it is opened.</summary>
internal static class SheetCalendar
{
    public static string Write(string job, IReadOnlyList<CalendarEntry> entries)
    {
        var calendar = new Calendar { ProductId = "-//BurlyRidge//RunSheet//EN" };
        for (var i = 0; i < entries.Count; i++)
        {
            var entry = entries[i];
            calendar.Events.Add(new CalendarEvent
            {
                Uid = $"{job}-{i}@burly-ridge",
                Summary = entry.Title,
                Description = entry.Detail,
                Start = entry.AllDay ? new CalDateTime(DateOnly.FromDateTime(entry.From)) : new CalDateTime(entry.From),
                End = entry.AllDay ? new CalDateTime(DateOnly.FromDateTime(entry.To)) : new CalDateTime(entry.To),
            });
        }
        return new CalendarSerializer().SerializeToString(calendar) ?? "";
    }
}
