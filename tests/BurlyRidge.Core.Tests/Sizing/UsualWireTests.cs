using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>What fitters take (common practice, no source), job by job: the sizes that they name, and none beside them.</summary>
public class UsualWireTests
{
    [Theory]
    [InlineData(10, 2.5, "16 AWG", "12 AWG")] // 120 W bar
    [InlineData(16.7, 3.5, "12 AWG", "10 AWG")] // 200 W bar, relay at the front
    [InlineData(25, 3.5, "10 AWG", "8 AWG")] // 300 W bar
    [InlineData(7.2, 4.6, "16 AWG", "14 AWG")] // two pods of 3.6 A
    [InlineData(8.3, 3, "16 AWG", "14 AWG")] // pair of 50 W LED lamps
    [InlineData(3, 6, "18 AWG", "16 AWG")] // two 18 W pods
    [InlineData(0.8, 2, "20 AWG", "18 AWG")] // two 5 W grille markers
    [InlineData(60, 0.75, "8 AWG", "6 AWG")] // feed of a power box
    [InlineData(25, 5, "8 AWG", "6 AWG")] // charger to the second battery
    public void The_sizes_of_each_job(double amps, double metres, string from, string to)
    {
        var usual = WireTable.Of(GaugeSystem.Awg).Where(wire => UsualWire.Is(wire, amps, metres)).Select(wire => wire.Name).ToList();
        Assert.Contains(from, usual);
        Assert.Contains(to, usual);
        Assert.InRange(usual.Count, 2, 3);
    }

    [Fact]
    public void Beyond_the_table_nothing_is_usual() => Assert.DoesNotContain(WireTable.Of(GaugeSystem.Awg), wire => UsualWire.Is(wire, 120, 1));

    /// <summary>5 % low is 16 % less light of a filament; a regulated lamp keeps it; a resistor lamp loses as much as its current.</summary>
    [Theory]
    [InlineData(LampKind.Filament, 11.4, 8, 0.84)]
    [InlineData(LampKind.RegulatedLed, 10, 10, 1)]
    [InlineData(LampKind.ResistorLed, 11.4, 7.917, 0.95)]
    [InlineData(LampKind.Filament, 0, 0, 0)]
    public void Light_by_kind_of_lamp(LampKind kind, double volts, double amps, double light) =>
        Assert.Equal(light, new LampFunction("main", kind, 100).LightFraction(volts, amps), 2e-3);
}
