namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is the insulation made for the hottest place that it passes?</summary>
internal static class ZoneHeatCheck
{
    public static Check Judge(LineSubject subject)
    {
        var demand = subject.Demand;
        var zone = Say.Kind(demand.HottestZone);
        var holds = demand.AmbientCelsius < demand.InsulationCelsius;
        return new Check("zone-heat", holds ? Verdict.Holds : Verdict.Stop, "Insulation stands the heat",
            demand.AmbientCelsius, demand.InsulationCelsius, "°C",
            holds
                ? $"The hottest place on the way, the {zone}, is taken as {Say.Celsius(demand.AmbientCelsius)}."
                : $"The {zone} is taken as {Say.Celsius(demand.AmbientCelsius)}: no wire of this insulation can hold there. "
                    + "Route it elsewhere or take a wire of a higher class.",
            "IEC 60364-5-52 ambient factor (from memory); zone temperatures by house rule");
    }
}
