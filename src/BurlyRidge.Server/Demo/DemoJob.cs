using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Demo;

/// <summary>A job that a fresh database starts with; vehicle, lamps and figures are made up.</summary>
internal sealed record DemoJob(string Name, string Note, JobParticulars Particulars, Rig Rig)
{
    /// <summary>What happened at its bench already.</summary>
    public IReadOnlyList<BenchEvent> AtTheBench { get; init; } = [];

    /// <summary>How far the work on the vehicle is; null: it was not begun.</summary>
    public DemoWork? AtTheVehicle { get; init; }

    /// <summary>What was measured and tried on it; null: nothing.</summary>
    public DemoMeasures? Measures { get; init; }

    /// <summary>How it was handed over; null: it was not.</summary>
    public DemoHandOver? HandedOver { get; init; }
}
