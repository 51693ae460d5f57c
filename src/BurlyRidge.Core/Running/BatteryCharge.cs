using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Running;

/// <summary>A battery that empties by Peukert's law and fills by what it is given.</summary>
internal sealed class BatteryCharge(BatteryElement element, Battery battery)
{
    /// <summary>Part of what it is given that it keeps (typical, no source).</summary>
    private const double Kept = 0.95;

    private const double SecondsPerHour = 3600;

    public BatteryElement Element => element;

    public Battery Battery => battery;

    /// <summary>0 to 1.</summary>
    public double Share { get; set; } = battery.Charge;

    /// <summary>Whether it gives less and less by now.</summary>
    public bool IsNearlyEmpty => Share < Parts.Battery.AlmostEmpty + 0.01;

    /// <summary>Change of charge a second at a current into it, A.</summary>
    public double Rate(double amps) => amps >= 0
        ? Share >= 1 ? 0 : Kept * amps / battery.AmpHours / SecondsPerHour
        : Share <= 0 ? 0 : -1 / Peukert.Hours(battery.AmpHours, battery.Exponent, -amps) / SecondsPerHour;

    /// <summary>Makes the circuit's battery one of this charge.</summary>
    public void Hold()
    {
        var law = battery.At(Share);
        (element.OpenVolts, element.Ohms, element.ChargeOhms) = (law.OpenVolts, law.Ohms, law.ChargeOhms);
    }
}
