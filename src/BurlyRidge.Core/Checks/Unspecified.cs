using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks;

/// <summary>A figure that nobody entered, and what a check took for it.</summary>
/// <param name="Field">Its path in the document: "vehicle.alternator.idleAmps".</param>
/// <param name="Sentence">What is not specified, and what is taken.</param>
public sealed record Unspecified(string Field, string Sentence)
{
    internal static IEnumerable<Unspecified> AtIdle(RigSubject subject) => subject.Vehicle.Alternator is not { } alternator ? []
        : Of(alternator.IdleAmps is null, "vehicle.alternator.idleAmps", $"What the alternator gives at idle is not specified: {Format.RatedAmps(alternator.AtIdleAmps)} are taken, half its rating.")
            .Concat(Rated(alternator)).Concat(House(subject.Vehicle));

    internal static IEnumerable<Unspecified> AtCruise(RigSubject subject) => subject.Vehicle.Alternator is { } alternator ? Rated(alternator).Concat(House(subject.Vehicle)) : [];

    internal static IEnumerable<Unspecified> Charge(RigSubject subject) => subject.Vehicle.Batteries.SelectMany((battery, i) =>
        Of(battery.CapacityAmpHours is null, $"vehicle.batteries[{i}].capacityAmpHours", $"The capacity of {Battery(subject, battery)} is not specified: {Parts.Battery.UsualAmpHours:0} Ah are taken.")
            .Concat(Of(battery.StateOfCharge is null, $"vehicle.batteries[{i}].stateOfCharge", $"The charge of {Battery(subject, battery)} is not specified: {Format.Percent(Parts.Battery.UsualCharge)} is taken.")));

    internal static IEnumerable<Unspecified> Parked(RigSubject subject) =>
        Of(subject.Vehicle.KeyOffDrainAmps is null, "vehicle.keyOffDrainAmps", $"What the vehicle draws parked is not specified: {Format.Amps(Vehicle.UsualKeyOffDrainAmps)} are taken.").Concat(Charge(subject));

    internal static IEnumerable<Unspecified> Resistance(RigSubject subject) => subject.Vehicle.Batteries.SelectMany((battery, i) =>
        Of(battery.InternalMilliohms is null, $"vehicle.batteries[{i}].internalMilliohms", $"The inner resistance of {Battery(subject, battery)} is not specified: {Parts.Battery.UsualMilliohms:0} mΩ are taken."));

    internal static IEnumerable<Unspecified> Style(RigSubject subject) => Taken(subject, signal =>
        Of(signal.Lamp.Switched is null, $"vehicle.{signal.Name}.switched", $"How the {signal.Signal.Word()} is switched is not specified: positive is taken."));

    internal static IEnumerable<Unspecified> Steady(RigSubject subject) => Taken(subject, signal =>
        Of(signal.Lamp.Pulsed is null, $"vehicle.{signal.Name}.pulsed", $"Whether the {signal.Signal.Word()} is pulsed is not specified: it is taken as steady."));

    internal static IEnumerable<Unspecified> Share(RigSubject subject) => Taken(subject, signal => signal.Lamp.ModuleDriven == true ? []
        : Of(signal.Lamp.ModuleDriven is null, $"vehicle.{signal.Name}.moduleDriven", $"Whether a control module drives the {signal.Signal.Word()} is not specified: none is taken to.")
            .Concat(Of(signal.Lamp.FuseAmps is null, $"vehicle.{signal.Name}.fuseAmps", $"The fuse of the {signal.Signal.Word()} is not specified: {Format.RatedAmps(SignalLamp.UsualFuseAmps)} are taken."))
            .Concat(Of(signal.Lamp.Watts is null, $"vehicle.{signal.Name}.watts", $"The power of the {signal.Signal.Word()}s is not specified: {Format.Watts(SignalLamp.UsualWatts)} are taken.")));

    private static IEnumerable<Unspecified> Rated(Alternator alternator) =>
        Of(alternator.CruiseAmps is null, "vehicle.alternator.cruiseAmps", $"The alternator's rating is not specified: {Format.RatedAmps(Alternator.UsualAmps)} are taken.");

    private static IEnumerable<Unspecified> House(Vehicle vehicle) =>
        Of(vehicle.HouseLoadAmps is null, "vehicle.houseLoadAmps", $"What the vehicle draws with the key on is not specified: {Format.RatedAmps(Vehicle.UsualHouseLoadAmps)} are taken.");

    private static IEnumerable<Unspecified> Taken(RigSubject subject, Func<VehicleSignal, IEnumerable<Unspecified>> of) =>
        VehicleSignal.All(subject.Vehicle).Where(signal => subject.Study.Map.WiresAt(signal.Turning).Any()).SelectMany(of);

    private static string Battery(RigSubject subject, Battery battery) => subject.Vehicle.Batteries.Count == 1 ? "the battery" : Rigs.PartNames.Small(subject.Names[battery.Id]);

    private static IEnumerable<Unspecified> Of(bool missing, string field, string sentence) => missing ? [new Unspecified(field, sentence)] : [];
}
