using BurlyRidge.Core;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Wording;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.HandOver;

/// <summary>What a pack is printed on and in, as an address says it.</summary>
/// <param name="Paper">"a4" or "letter"; left out: as goes with the units.</param>
/// <param name="Units">"metric" or "imperial"; left out: those of the job.</param>
internal sealed record PrintChoice(string? Paper = null, string? Units = null)
{
    /// <summary>What it names, or what is wrong with it.</summary>
    public (PaperSize? Paper, UnitSystem? Units, ValidationProblem? Refused) Read()
    {
        var problems = new List<Problem>();
        var (paper, units) = (Of<PaperSize>("paper", Paper, problems), Of<UnitSystem>("units", Units, problems));
        return (paper, units, problems.Count > 0 ? BadInput.Of(problems) : null);
    }

    private static T? Of<T>(string field, string? word, List<Problem> problems) where T : struct, Enum
    {
        if (word is null) return null;
        if (Enum.GetValues<T>().Cast<T?>().FirstOrDefault(value => $"{value}".Equals(word, StringComparison.OrdinalIgnoreCase)) is { } found) return found;
        problems.Add(new Problem(field, ServerWords.FormatGiveOneOf(string.Join(", ", Enum.GetNames<T>()))));
        return null;
    }
}
