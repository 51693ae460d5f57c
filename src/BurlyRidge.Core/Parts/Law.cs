using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>What an element of a part does to the current through it.</summary>
public abstract record Law
{
    private Law() { }

    /// <summary>A length of wire with a crimp at each end.</summary>
    /// <param name="Bundled">All loaded conductors in its loom, itself among them.</param>
    public sealed record Wire(WireSize Size, double Metres, int InsulationCelsius, double AmbientCelsius, int Bundled) : Law
    {
        private const int VehicleInsulationCelsius = 105;

        /// <summary>A lead of the vehicle's own, in the cabin, with nothing beside it.</summary>
        public static Wire OfVehicle(string size, double metres, Surroundings around) => new(WireTable.Find(size)!, metres, VehicleInsulationCelsius, around.Zones.Cabin, 1);
    }

    /// <summary>A joint, a stud, the body, a cable too thick to be judged.</summary>
    public sealed record Joint(double Ohms) : Law
    {
        /// <summary>The same after years, Ω; null: as new.</summary>
        public double? AgedOhms { get; init; }

        /// <summary>What of it is the body behind a stud, Ω.</summary>
        public double BodyOhms { get; init; }
    }

    /// <summary>A contact, when closed.</summary>
    public sealed record Contact(double Ohms) : Law;

    /// <summary>A fuse or breaker in its holder.</summary>
    /// <param name="Stands">The fuse that tells when it opens; a breaker stands with the bolt-down fuse of its rating (typical).</param>
    /// <param name="Ohms">Warm, with its holder.</param>
    public sealed record Fuse(Protection.Fuse Stands, double Ohms) : Law
    {
        /// <summary>What of it is a holder that the fuse can be taken out of, Ω; 0 where it is all one.</summary>
        public double HolderOhms { get; init; }

        /// <summary>A fuse in a holder.</summary>
        public static Fuse InHolder(Protection.Fuse fuse) => new(fuse, FuseTable.WarmOhms(fuse) + TypicalOhms.Holder) { HolderOhms = TypicalOhms.Holder };
    }

    /// <summary>Something that current works in, in proportion to its volts.</summary>
    public sealed record Load(double Ohms) : Law
    {
        /// <summary>Something inside it keeps a short from passing: electronics, a switch lamp, a dim lead.</summary>
        public bool Weak { get; init; }

        /// <summary>Dark the wrong way round, as light-emitting diodes are.</summary>
        public bool OneWay { get; init; }
    }

    /// <summary>A filament.</summary>
    public sealed record Filament(double Watts, double RatedVolts) : Law
    {
        /// <summary>Something inside it keeps a short from passing.</summary>
        public bool Weak { get; init; }
    }

    /// <summary>A lamp that keeps its power.</summary>
    public sealed record RegulatedLamp(double Watts, double TurnOnVolts, double DropOutVolts) : Law
    {
        /// <summary>What dims it while it has not gone over; null where nothing does.</summary>
        public ControlInput? DimmedBy { get; init; }

        /// <summary>What is left of its power then.</summary>
        public double DimFraction { get; init; } = 1;
    }

    /// <summary>A diode, from its anode.</summary>
    public sealed record Diode : Law;

    /// <summary>A battery, from plus to minus.</summary>
    public sealed record Battery(double OpenVolts, double Ohms, double ChargeOhms) : Law;

    /// <summary>The alternator; the most that it gives goes by the engine.</summary>
    public sealed record Alternator(double Volts, double Ohms, double IdleAmps, double CruiseAmps) : Law;

    /// <summary>A source that keeps its volts up to the most that it gives.</summary>
    public sealed record Source(double Volts, double Ohms, double LimitAmps) : Law
    {
        /// <summary>What it gives while it has gone over; null: always.</summary>
        public ControlInput? RunBy { get; init; }
    }

    /// <summary>The input of a converter, which draws what its output gives.</summary>
    /// <param name="Output">Element of its output.</param>
    public sealed record Input(string Output, double Efficiency, double LowestVolts) : Law;
}
