using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>At which station a part's wires start and end.</summary>
public sealed class PartLocations
{
    private readonly Dictionary<string, string> stations = new(StringComparer.Ordinal);

    private Body? body;
    private string? rear;
    private bool sideLightPlaced;

    private PartLocations() { }

    /// <summary>Reads where parts are placed; parts of the vehicle's own that nobody placed are at the first station of their kind.</summary>
    public static PartLocations Of(Rig rig)
    {
        if (rig.Body is not { } body) return new PartLocations();
        var whereabouts = new PartLocations
        {
            body = body,
            rear = body.Stations.FirstOrDefault(station => station.Kind == StationKind.RearLamps)?.Id,
            sideLightPlaced = rig.Places.Any(place => place.Part == VehicleSignal.NameOf(Signal.SideLight)),
        };
        string? First(StationKind kind) => body.Stations.FirstOrDefault(station => station.Kind == kind)?.Id;
        void Put(string part, string? station)
        {
            if (station is not null) whereabouts.stations.TryAdd(part, station);
        }

        foreach (var place in rig.Places) Put(place.Part, Station(body, place.At));
        var vehicle = rig.Vehicle;
        for (var i = 0; i < vehicle.Batteries.Count; i++)
            Put(vehicle.Batteries[i].Id, (i > 0 ? First(StationKind.SecondBattery) : null) ?? First(StationKind.BatteryPost));
        foreach (var earth in rig.Earths.Where(earth => earth.Kind == EarthKind.Post))
            Put(earth.Id, whereabouts.Of(earth.On ?? vehicle.Batteries[0].Id));
        foreach (var signal in VehicleSignal.All(vehicle))
            Put(signal.Name, First(signal.Signal == Signal.Reverse ? StationKind.RearLamps : StationKind.FrontLamps));
        foreach (var slot in vehicle.FuseSlots) Put(slot.Id, First(StationKind.FuseBox));
        foreach (var output in vehicle.AuxOutputs) Put(output.Id, First(StationKind.FuseBox));
        foreach (var pin in vehicle.TrailerPins) Put(pin.Id, First(StationKind.TowSocket));
        foreach (var part in rig.Switches) Put(part.Id, First(StationKind.Dash));
        Put("ignition", First(StationKind.FuseBox));
        return whereabouts;
    }

    /// <summary>The station of a part; null where nobody said.</summary>
    public string? Of(string part) => stations.GetValueOrDefault(part);

    /// <summary>The station of a terminal's part; null where nobody said.</summary>
    public string? OfTerminal(string terminal) => Of(TerminalIndex.Split(terminal).Part);

    /// <summary>
    /// The stations of a run's two ends. The side lights are at both ends of the vehicle: they are met where the run's other
    /// end is nearer, unless somebody said where.
    /// </summary>
    public (string? From, string? To) OfRun(Run run)
    {
        var (from, to) = (OfTerminal(run.From), OfTerminal(run.To));
        return (Toward(TerminalIndex.Split(run.From).Part, from, to), Toward(TerminalIndex.Split(run.To).Part, to, from));
    }

    /// <summary>Where a part of the vehicle's own is met on the way to a station.</summary>
    public string? Toward(string part, string? station) => Toward(part, Of(part), station);

    private string? Toward(string part, string? at, string? other) =>
        rear is not null && body is not null && other is not null && part == VehicleSignal.NameOf(Signal.SideLight) && !sideLightPlaced
            && body.StationOf(at ?? "") is { } front && body.StationOf(other) is { } there && body.StationOf(rear)!.At.To(there.At) < front.At.To(there.At) ? rear : at;

    /// <summary>The station that a place of a body has its wires at: itself, or that of the mount or space.</summary>
    public static string? Station(Body body, string at) => body.StationOf(at)?.Id
        ?? body.Mounts.FirstOrDefault(mount => mount.Id == at)?.Station
        ?? body.Spaces.FirstOrDefault(space => space.Id == at)?.Station;
}
