using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks;

/// <summary>A figure that nobody entered, and what a check took for it.</summary>
/// <param name="Field">Its path in the document: "vehicle.alternator.idleAmps".</param>
/// <param name="Sentence">What is not specified, and what is taken.</param>
public sealed record Unspecified(string Field, string Sentence)
{
    internal static IEnumerable<Unspecified> AtIdle(RigSubject subject) => subject.Vehicle.Alternator is not { } alternator ? []
        : Of(alternator.IdleAmps is null, "vehicle.alternator.idleAmps", CheckWords.FormatWhatTheAlternatorGivesAt(Format.RatedAmps(alternator.AtIdleAmps)))
            .Concat(Rated(alternator)).Concat(House(subject.Vehicle));

    internal static IEnumerable<Unspecified> AtCruise(RigSubject subject) => subject.Vehicle.Alternator is { } alternator ? Rated(alternator).Concat(House(subject.Vehicle)) : [];

    internal static IEnumerable<Unspecified> Charge(RigSubject subject) => subject.Vehicle.Batteries.SelectMany((battery, i) =>
        Of(battery.CapacityAmpHours is null, $"vehicle.batteries[{i}].capacityAmpHours", CheckWords.FormatTheCapacityOfIsNot(Battery(subject, battery), $"{Parts.Battery.UsualAmpHours:0}"))
            .Concat(Of(battery.StateOfCharge is null, $"vehicle.batteries[{i}].stateOfCharge", CheckWords.FormatTheChargeOfIsNot(Battery(subject, battery), Format.Percent(Parts.Battery.UsualCharge)))));

    internal static IEnumerable<Unspecified> Parked(RigSubject subject) =>
        Of(subject.Vehicle.KeyOffDrainAmps is null, "vehicle.keyOffDrainAmps", CheckWords.FormatWhatTheVehicleDrawsParked(Format.Amps(Vehicle.UsualKeyOffDrainAmps))).Concat(Charge(subject));

    internal static IEnumerable<Unspecified> Resistance(RigSubject subject) => subject.Vehicle.Batteries.SelectMany((battery, i) =>
        Of(battery.InternalMilliohms is null, $"vehicle.batteries[{i}].internalMilliohms", CheckWords.FormatTheInnerResistanceOfIs(Battery(subject, battery), $"{Parts.Battery.UsualMilliohms:0}")));

    internal static IEnumerable<Unspecified> Style(RigSubject subject) => Taken(subject, signal =>
        Of(signal.Lamp.Switched is null, $"vehicle.{signal.Name}.switched", CheckWords.FormatHowTheIsSwitchedIs(signal.Signal.Word())));

    internal static IEnumerable<Unspecified> Steady(RigSubject subject) => Taken(subject, signal =>
        Of(signal.Lamp.Pulsed is null, $"vehicle.{signal.Name}.pulsed", CheckWords.FormatWhetherTheIsPulsedIs(signal.Signal.Word())));

    internal static IEnumerable<Unspecified> Share(RigSubject subject) => Taken(subject, signal => signal.Lamp.ModuleDriven == true ? []
        : Of(signal.Lamp.ModuleDriven is null, $"vehicle.{signal.Name}.moduleDriven", CheckWords.FormatWhetherAControlModuleDrives(signal.Signal.Word()))
            .Concat(Of(signal.Lamp.FuseAmps is null, $"vehicle.{signal.Name}.fuseAmps", CheckWords.FormatTheFuseOfTheIs(signal.Signal.Word(), Format.RatedAmps(SignalLamp.UsualFuseAmps))))
            .Concat(Of(signal.Lamp.Watts is null, $"vehicle.{signal.Name}.watts", CheckWords.FormatThePowerOfTheS(signal.Signal.Word(), Format.Watts(SignalLamp.UsualWatts)))));

    private static IEnumerable<Unspecified> Rated(Alternator alternator) =>
        Of(alternator.CruiseAmps is null, "vehicle.alternator.cruiseAmps", CheckWords.FormatTheAlternatorSRatingIs(Format.RatedAmps(Alternator.UsualAmps)));

    private static IEnumerable<Unspecified> House(Vehicle vehicle) =>
        Of(vehicle.HouseLoadAmps is null, "vehicle.houseLoadAmps", CheckWords.FormatWhatTheVehicleDrawsWith(Format.RatedAmps(Vehicle.UsualHouseLoadAmps)));

    private static IEnumerable<Unspecified> Taken(RigSubject subject, Func<VehicleSignal, IEnumerable<Unspecified>> of) =>
        VehicleSignal.All(subject.Vehicle).Where(signal => subject.Study.Map.WiresAt(signal.Turning).Any()).SelectMany(of);

    private static string Battery(RigSubject subject, Battery battery) => subject.Vehicle.Batteries.Count == 1 ? CheckWords.TheBattery : Rigs.PartNames.Small(subject.Names[battery.Id]);

    private static IEnumerable<Unspecified> Of(bool missing, string field, string sentence) => missing ? [new Unspecified(field, sentence)] : [];
}
