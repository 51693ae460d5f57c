using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses parts and runs that do not hang together, field by field.</summary>
internal static class PartValidation
{
    private const int MaxOfName = 80;

    public static void Check(Problems problems, Rig rig, TerminalIndex parts)
    {
        Ids(problems, parts);
        var around = rig.Around();
        foreach (var kind in Rig.Lists.Where(kind => kind.Path.Length > 0)) problems.Each<IPart>(kind.Path, kind.Of(rig)!, (at, part) =>
        {
            if (part.Name.Length > MaxOfName) problems.Add($"{at}.name", PartWords.FormatGiveUpToLetters(MaxOfName));
            part.Check(problems, at, around);
        });
        problems.Each("runs", rig.Runs, (at, run) => Check(problems, at, run, parts));
        for (var i = 0; i < rig.Runs.Count; i++)
            if (rig.Runs[i] is { } run) problems.Id($"runs[{i}].id", run.Id);
        problems.Twice("runs", rig.Runs.Where(run => run is not null).Select(run => run.Id).Concat(parts.Ids.Select(part => part.Id).Distinct()));
    }

    private static void Ids(Problems problems, TerminalIndex parts)
    {
        var seen = new HashSet<string>(TerminalIndex.Reserved, StringComparer.Ordinal);
        foreach (var (path, id) in parts.Ids)
        {
            if (problems.Id(path, id) && !seen.Add(id)) problems.Add(path, PartWords.FormatTheNameIsTakenByAnother(id));
        }
    }

    private static void Check(Problems problems, string path, Run run, TerminalIndex parts)
    {
        problems.Wire($"{path}.wire", run.Wire);
        problems.Above($"{path}.lengthMetres", run.LengthMetres, 0, 100, "m");
        problems.Count($"{path}.zones", run.Zones.Count, 1, 8, PartWords.Zones);
        problems.Within($"{path}.bundled", run.Bundled, 1, 100, "conductors");
        problems.Letters($"{path}.cable", run.Cable, 40);
        problems.OneOf($"{path}.insulationCelsius", run.InsulationCelsius, Ampacity.InsulationClasses, "°C");
        Terminal(problems, $"{path}.from", run.From, parts);
        Terminal(problems, $"{path}.to", run.To, parts);
        if (run.From == run.To) problems.Add($"{path}.to", PartWords.ARunEndsSomewhereElse);
    }

    private static void Terminal(Problems problems, string path, string terminal, TerminalIndex parts)
    {
        if (!parts.HasTerminal(terminal)) problems.Add(path, PartWords.FormatThereIsNoTerminalCalled(terminal));
    }
}
