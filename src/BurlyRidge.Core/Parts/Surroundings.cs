namespace BurlyRidge.Core.Parts;

/// <summary>What a part needs to know of the vehicle that it is on and of the wires at it.</summary>
public sealed class Surroundings(Vehicle vehicle, ZoneTemperatures zones, Func<ILookup<string, string>> ends)
{
    private readonly Lazy<ILookup<string, string>> ends = new(ends);

    /// <summary>The vehicle.</summary>
    public Vehicle Vehicle => vehicle;

    /// <summary>How hot each zone is taken to be.</summary>
    public ZoneTemperatures Zones => zones;

    /// <summary>12 or 24.</summary>
    public double SystemVolts => vehicle.SystemVolts;

    /// <summary>How many 12 V the system has.</summary>
    public double Cells => SystemVolts / 12;

    /// <summary>Terminals of a part that wires end at.</summary>
    public IEnumerable<string> EndsAt(string part) => ends.Value[part];

    /// <summary>Terminal of what is live always, or with the key on.</summary>
    public string Live(Feed feed) => feed == Feed.Battery ? vehicle.SystemPlus : IgnitionFeed.Out;
}
