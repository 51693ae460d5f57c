using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>The usual ways to start a line, and the line that comes of one.</summary>
public static class LineTemplates
{
    /// <summary>Every template.</summary>
    public static IReadOnlyList<Template> All { get; } = [.. FrontTemplates.All, .. RearTemplates.All, .. OutputTemplates.All, .. RelayBoxTemplates.All, .. RowTemplates.All, .. SupplyTemplates.All];

    /// <summary>Each of them beside a rig and a number of lamps.</summary>
    public static IReadOnlyList<OfferedTemplate> For(Rig rig, Fixture lamp, int count)
    {
        var amps = count * Sizing.LampLoads.DesignAmps(lamp.Functions[0], rig.Vehicle.SystemVolts, rig.HouseRules.DesignDrop());
        return [.. All.Select(template => new OfferedTemplate(
            template,
            Burns(rig, template, lamp) ?? template.WhyNot(rig, lamp) ?? (amps > template.MaxAmps ? TemplateWords.FormatIsMoreThanTheThat(Format.Amps(amps), Format.RatedAmps(template.MaxAmps)) : ""),
            !template.Questions.Contains(TemplateQuestion.Output) ? [] : template.Id == OutputTemplates.BoxId ? Outputs.OfBoxes(rig, amps) : Outputs.OfVehicle(rig, amps)))];
    }

    /// <summary>All that is wrong with a request, by field.</summary>
    public static IEnumerable<Problem> Validate(Rig rig, TemplateAnswers request)
    {
        if (All.All(template => template.Id != request.Template)) yield return new Problem("template", TemplateWords.FormatThereIsNoTemplateCalled(request.Template));
        if (string.IsNullOrWhiteSpace(request.Name) || request.Name.Length > 80) yield return new Problem("name", TemplateWords.Give1To80Letters);
        if (request.Count is < 1 or > TemplateAnswers.MaxLamps) yield return new Problem("count", TemplateWords.FormatMustBe1ToLamps(TemplateAnswers.MaxLamps));
        if (request.Metres is not (>= 0.2 and <= 99)) yield return new Problem("metres", TemplateWords.MustBe02To);
        if (rig.Body is { } body && request.At is { } at && Routing.PartLocations.Station(body, at) is null) yield return new Problem("at", TemplateWords.FormatThereIsNoStationOr(at));
        foreach (var problem in RigValidation.Validate(Rig.Empty(12, UnitSystem.Metric) with { Fixtures = [request.Lamp] })) yield return problem with { Path = problem.Path.Replace("fixtures[0]", "lamp", StringComparison.Ordinal) };
    }

    /// <summary>The rig with the line in it, sized; the request is valid and its template suits.</summary>
    public static BuiltLine Build(Rig rig, TemplateAnswers request, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        if (request.BeamSwitched is { } side) rig = rig with { Vehicle = rig.Vehicle with { HighBeam = rig.Vehicle.HighBeam with { Switched = side } } };
        var waiting = Waiting(rig, request);
        IReadOnlyList<Fixture> lamps = [.. waiting, .. Enumerable.Repeat(request.Lamp, request.Count - waiting.Count)];
        var builder = new LineBuilder(rig, new LineWanted(request.Name, lamps, request.At, request.Return, request.Metres) { Output = request.Output, ByAdaptor = request.ByAdaptor, SlotLater = request.SlotLater, There = [.. waiting.Select(lamp => lamp.Id)] });
        if (waiting.Count > 0) builder.Notes.Add(waiting.Count == 1 ? TemplateWords.TheLampThatWasThere : TemplateWords.FormatTheLampsThatWereThere(waiting.Count));
        All.First(template => template.Id == request.Template).Build(builder);
        var sized = WholeRig.Of(builder.Finish(), sizes, cancellation).Resize(builder.LineId, cancellation: cancellation).Rig;
        var own = rig.Runs.Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        return new BuiltLine(WireColours.OfStarted(sized, builder.LineId, run => !own.Contains(run.Id)), builder.LineId, builder.Notes);
    }

    /// <summary>Lamps of the kind that stand where they are wanted and that no line lights yet: they are used, and not fitted twice.</summary>
    private static List<Fixture> Waiting(Rig rig, TemplateAnswers request)
    {
        if (request.At is null) return [];
        var lit = rig.Lines.SelectMany(line => line.Lights.Select(light => TerminalIndex.Split(light).Part).Concat(line.Plan?.Fixtures ?? [])).ToHashSet(StringComparer.Ordinal);
        var wired = rig.Runs.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        var here = rig.Places.Where(place => place.At == request.At).Select(place => place.Part).ToHashSet(StringComparer.Ordinal);
        return [.. rig.Fixtures.Where(lamp => here.Contains(lamp.Id) && !lit.Contains(lamp.Id) && !wired.Contains(lamp.Id) && lamp.Functions.SequenceEqual(request.Lamp.Functions)).Take(request.Count)];
    }

    private static string? Burns(Rig rig, Template template, Fixture lamp)
    {
        var volts = template.Id == SupplyTemplates.ConverterId ? 12 : rig.Vehicle.SystemVolts;
        return lamp.Functions.FirstOrDefault(function => function.StandsUpTo() < volts) is { } function
            ? TemplateWords.FormatTheLampIsMadeFor(Format.RatedVolts(function.StandsUpTo()), volts)
            : null;
    }
}
