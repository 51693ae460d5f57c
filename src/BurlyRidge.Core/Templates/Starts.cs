using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>The usual ways to start a line, and the line that comes of one.</summary>
public static class Starts
{
    /// <summary>Every starting point.</summary>
    public static IReadOnlyList<Start> All { get; } = [.. FrontStarts.All, .. RearStarts.All, .. OutputStarts.All, .. RowStarts.All, .. SupplyStarts.All];

    /// <summary>Each of them beside a rig and a number of lamps.</summary>
    public static IReadOnlyList<OfferedStart> For(Rig rig, Fixture lamp, int count)
    {
        var amps = count * lamp.Functions[0].Watts / rig.Vehicle.SystemVolts;
        return [.. All.Select(start => new OfferedStart(
            start,
            Burns(rig, start, lamp) ?? start.WhyNot(rig, lamp) ?? "",
            !start.Questions.Contains(StartQuestion.Output) ? [] : start.Id == OutputStarts.BoxId ? Outputs.OfBoxes(rig, amps) : Outputs.OfVehicle(rig, amps)))];
    }

    /// <summary>All that is wrong with a request, by field.</summary>
    public static IEnumerable<Problem> Validate(Rig rig, StartRequest request)
    {
        if (All.All(start => start.Id != request.Start)) yield return new Problem("start", $"There is no starting point called {request.Start}.");
        if (string.IsNullOrWhiteSpace(request.Name) || request.Name.Length > 80) yield return new Problem("name", "Give 1 to 80 letters.");
        if (request.Count is < 1 or > StartRequest.MaxLamps) yield return new Problem("count", $"Must be 1 to {StartRequest.MaxLamps} lamps.");
        if (request.Metres is not (>= 0.2 and <= 99)) yield return new Problem("metres", "Must be 0.2 to 99 m.");
        if (rig.Body is { } body && request.At is { } at && Routing.PartLocations.Station(body, at) is null) yield return new Problem("at", $"There is no station or mount called {at}.");
        foreach (var problem in RigValidation.Validate(Rig.Empty(12, UnitSystem.Metric) with { Fixtures = [request.Lamp] })) yield return problem with { Path = problem.Path.Replace("fixtures[0]", "lamp", StringComparison.Ordinal) };
    }

    /// <summary>The rig with the line in it, sized; the request is valid and its starting point suits.</summary>
    public static StartedLine Begin(Rig rig, StartRequest request, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        if (request.BeamSwitched is { } side) rig = rig with { Vehicle = rig.Vehicle with { HighBeam = rig.Vehicle.HighBeam with { Switched = side } } };
        var builder = new LineBuilder(rig, new LineWanted(request.Name, [.. Enumerable.Repeat(request.Lamp, request.Count)], request.At, request.Return, request.Metres) { Output = request.Output });
        All.First(start => start.Id == request.Start).Build(builder);
        var sized = WholeRig.Of(builder.Finish(), sizes, cancellation).Resize(builder.LineId, cancellation: cancellation).Rig;
        return new StartedLine(WireColours.After(rig, rig.Runs.Count == 0 ? WireColours.Give(sized) : sized), builder.LineId, builder.Did);
    }

    private static string? Burns(Rig rig, Start start, Fixture lamp)
    {
        var volts = start.Id == SupplyStarts.ConverterId ? 12 : rig.Vehicle.SystemVolts;
        return lamp.Functions.FirstOrDefault(function => function.StandsUpTo() < volts) is { } function
            ? $"The lamp is made for up to {Format.RatedVolts(function.StandsUpTo())}; here it would get {volts} V."
            : null;
    }
}
