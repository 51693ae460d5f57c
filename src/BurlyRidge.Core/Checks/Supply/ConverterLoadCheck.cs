namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Does a converter or charger carry what hangs on it?</summary>
internal static class ConverterLoadCheck
{
    internal static readonly CheckKind Kind = new("converter-load", CheckWords.TheConverterCarriesItsLamps, CheckWords.TheConverterSRatingLoaded);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var converter in subject.Rig.Converters)
        {
            // A charger gives its battery all that it can; what counts is what lamps take.
            if (subject.Study.Lines.Where(line => line.Source?.Id == converter.Id).ToList() is not { Count: > 0 } lines) continue;
            var amps = subject.Study.Design(converter.Id).Amps;
            var most = 0.8 * converter.LimitAmps;
            var verdict = amps <= most ? Verdict.Holds : amps < 0.99 * converter.LimitAmps ? Verdict.Watch : Verdict.Stop;
            yield return Kind.Result(verdict, amps, most, "A",
                CheckWords.FormatConverterGives(converter.Name, Format.Amps(amps), lines.Count > 1 ? CheckWords.FormatLineAndOthers(lines[0].Line.Name) : lines[0].Line.Name, Format.Amps(converter.LimitAmps)),
                converter.Id);
        }
    }
}
