namespace BurlyRidge.Core.Rigs;

/// <summary>Everything that is planned for one vehicle: one immutable value, saved as one document.</summary>
/// <param name="SchemaVersion">Version of the document's shape; <see cref="CurrentSchema"/> when it is written.</param>
public sealed record Rig(int SchemaVersion, Vehicle Vehicle, HouseRules HouseRules, IReadOnlyList<Line> Lines)
{
    /// <summary>The shape that this build writes.</summary>
    public const int CurrentSchema = 1;

    /// <summary>A vehicle with nothing on it yet.</summary>
    public static Rig Empty(int systemVolts, UnitSystem units) =>
        new(CurrentSchema, new Vehicle(systemVolts), new HouseRules { Units = units }, []);
}

/// <summary>The vehicle's electrical side.</summary>
/// <param name="SystemVolts">12 or 24.</param>
public sealed record Vehicle(int SystemVolts);
