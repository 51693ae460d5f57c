using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Lines that an output works, of a box or of the vehicle's own.</summary>
internal static class OutputTemplates
{
    /// <summary>The start that takes an output of a power box.</summary>
    public const string BoxId = "power-box";

    /// <summary>The start of a small lamp that its switch works by itself.</summary>
    public const string SmallSwitchId = "small-switch";

    /// <summary>So much goes through a small dash switch with no relay, A: about 5 A is what it is good for (common practice, no source).</summary>
    private const double SmallAmps = 3;

    /// <summary>A small slot that is live with the key, and what hangs on it already, until somebody says better (common practice, no source), A.</summary>
    private const double SlotAmps = 5, SlotLoadAmps = 1.5;

    private static readonly string SenseFuseAmpsWords = TemplateWords.A3AFuseIn;

    public static IReadOnlyList<Template> All { get; } =
    [
        new(BoxId, TemplateWords.OnAPowerBoxWith, TemplateWords.AnOutputOfTheBox, 1,
            [TemplateQuestion.Output, TemplateQuestion.Return]) { Build = Box },
        new("factory-output", TemplateWords.OnAFactoryOutput, TemplateWords.OneOfTheVehicleS, 1,
            [TemplateQuestion.Output, TemplateQuestion.Return]) { WhyNot = NoneFree, Build = Factory },
        new("output-and-beam", TemplateWords.AFactoryOutputAndThe, TemplateWords.ALargeOutputFeedsA, 2,
            [TemplateQuestion.Output, TemplateQuestion.Return]) { WhyNot = (rig, lamp) => rig.Vehicle.HighBeam.ToEarth ? TemplateWords.TheHighBeamIsSwitched : NoneFree(rig, lamp), Build = OutputAndBeam },
        new("fuse-tap", TemplateWords.FromAFuseTapThat, TemplateWords.ForMarkersAndSmallPods, 3, [])
        {
            MaxAmps = SlotAmps - SlotLoadAmps,
            Build = FuseTap,
        },
        new(SmallSwitchId, TemplateWords.ASmallLampOnItsOwnSwitch, TemplateWords.BatteryFuseSwitchLamp, 1, [TemplateQuestion.Return]) { MaxAmps = SmallAmps, Build = SmallSwitch },
        new("parking-light", TemplateWords.FromTheParkingLightWire, TemplateWords.MarkersThatComeOnWith, 3, [])
        {
            WhyNot = (rig, lamp) => 3 * lamp.Functions[0].Power / rig.Vehicle.SystemVolts > 3 || rig.Vehicle.SideLight.ModuleDriven == true ? TemplateWords.TheParkingLightWireDoes : null,
            Build = ParkingLight,
        },
    ];

    private static string? NoneFree(Rig rig, Fixture lamp)
    {
        var amps = lamp.Functions[0].Power / rig.Vehicle.SystemVolts;
        return rig.Vehicle.AuxOutputs.Count > 0 && Outputs.OfVehicle(rig, amps).Count == 0 ? TemplateWords.NoFactoryOutputThatIs : null;
    }

    private static void Box(LineBuilder builder)
    {
        if (builder.Rig.PowerBoxes.Count == 0 || (builder.Wanted.Output is null && Outputs.OfBoxes(builder.Rig, builder.DesignAmps).Count == 0)) NewBox(builder);
        var all = Outputs.OfBoxes(builder.Rig, 0);
        var output = builder.Wanted.Output is { } asked && all.Contains(asked) ? asked : Outputs.OfBoxes(builder.Rig, builder.DesignAmps) is [var smallest, ..] ? smallest : all[^1];
        var (box, way) = TerminalIndex.Split(output);
        builder.Rig = builder.Rig with
        {
            PowerBoxes = [.. builder.Rig.PowerBoxes.Select(part => part.Id != box ? part : part with
            {
                Outputs = [.. part.Outputs.Select(other => other.Id == way ? other with { Legend = Legend(builder.Wanted.Name) } : other)],
            })],
        };
        builder.ToLamps(output, builder.Metres);
        if (!builder.Wanted.SlotLater) builder.Notes.Add(TemplateWords.FormatTheSmallestThatIsFree(builder.Called(output), Format.Amps(builder.DesignAmps)));
    }

    private static string Legend(string name) => name.Length > 14 ? name[..14].Trim() : name;

    private static void NewBox(LineBuilder builder)
    {
        double[] ratings = [30, 30, 20, 15, 10, 10, 5, 5];
        var id = builder.Name("box");
        builder.Rig = builder.Rig with
        {
            PowerBoxes = [.. builder.Rig.PowerBoxes, new PowerBox(id, 60, [.. ratings.Select((rating, i) => new BoxOutput($"o{i + 1}", rating, Feed.Ignition, Slot: i + 1))]) { MinusOnPost = true }],
        };
        var main = builder.Fuse("main-fuse", 60);
        builder.Rig = builder.Rig with { Protection = [.. builder.Rig.Protection.Select(device => device.Id == main ? device with { Fixed = true } : device)] };
        if (builder.Rig.Places.FirstOrDefault(place => place.Part == main) is { } beside) builder.Rig = builder.Rig with { Places = [.. builder.Rig.Places, beside with { Part = id }] };
        builder.Power(builder.Plus, $"{main}.in", LineBuilder.BesideMetres);
        builder.Power($"{main}.out", $"{id}.plus", 0.5);
        builder.Power($"{id}.minus", builder.Post(), 0.5);
        var slot = builder.Rig.Vehicle.FuseSlots.FirstOrDefault(part => part.Feed == Feed.Ignition)?.Id;
        if (slot is null)
        {
            slot = builder.Name("slot");
            builder.Rig = builder.Rig with { Vehicle = builder.Rig.Vehicle with { FuseSlots = [.. builder.Rig.Vehicle.FuseSlots, new FuseSlot(slot, 10, Feed.Ignition, 2, TemplateWords.ToBeFoundWithA)] } };
        }
        var sense = builder.Fuse("sense-fuse", 3, Zone.Cabin, near: slot);
        builder.Thin($"{slot}.tap", $"{sense}.in", 0.1, Zone.Cabin);
        builder.Thin($"{sense}.out", $"{id}.sense", 1.8, Zone.Cabin, Zone.EngineBay);
        builder.Notes.Add(TemplateWords.FormatABoxOfEightOutputs(SenseFuseAmpsWords));
    }

    /// <summary>The smallest factory output that is free: enough for a coil.</summary>
    internal static string Smallest(LineBuilder builder)
    {
        Described(builder);
        return Outputs.OfVehicle(builder.Rig, 0) is [var smallest, ..] ? smallest : builder.Rig.Vehicle.AuxOutputs.MinBy(output => output.RatingAmps)!.Id;
    }

    /// <summary>Sees to it that the vehicle has outputs written down.</summary>
    private static void Described(LineBuilder builder)
    {
        if (builder.Rig.Vehicle.AuxOutputs.Count == 0)
        {
            // A set that is often seen (common practice, no source).
            (double Amps, string Lead)[] set = [(30, "4 mm²"), (15, "2.5 mm²"), (10, "1.5 mm²"), (10, "1.5 mm²")];
            builder.Rig = builder.Rig with
            {
                Vehicle = builder.Rig.Vehicle with { AuxOutputs = [.. set.Select((output, i) => new AuxOutput($"aux-{i + 1}", output.Amps, output.Lead, Feed.Ignition))] },
            };
            builder.Notes.Add(TemplateWords.TheVehicleHadNoFactory);
        }
    }

    private static string Output(LineBuilder builder)
    {
        Described(builder);
        if (builder.Wanted.Output is { } asked && builder.Rig.Vehicle.AuxOutputs.Any(output => output.Id == asked)) return asked;
        return Outputs.OfVehicle(builder.Rig, builder.DesignAmps) is [var smallest, ..] ? smallest : builder.Rig.Vehicle.AuxOutputs.MaxBy(output => output.RatingAmps)!.Id;
    }

    private static void Factory(LineBuilder builder)
    {
        var output = Output(builder);
        var from = $"{output}.out";
        var metres = builder.Metres;
        foreach (var (lead, near, far) in SpareLeads.Toward(builder.Rig, builder.Wanted.At, builder.Metres))
        {
            var plug = builder.Joint("lead-plug", JointKind.Plug, Zone.EngineBay, atLamps: false);
            builder.Power(from, $"{plug}.a", LineBuilder.NearMetres);
            builder.Power($"{plug}.b", $"{lead.Id}.{near}", LineBuilder.NearMetres);
            from = $"{lead.Id}.{far}";
            metres = Math.Max(LineBuilder.NearMetres, metres - lead.LengthMetres);
            builder.Notes.Add(TemplateWords.FormatTheSpareLeadTakesIt(lead.Colour, far == "b" ? lead.ToPlace : lead.FromPlace));
        }
        builder.ToLamps(from, metres);
        builder.Notes.Add(TemplateWords.FormatTheSmallestThatIsFreeAnd(builder.Called(output), Format.Amps(builder.DesignAmps)));
    }

    private static void OutputAndBeam(LineBuilder builder)
    {
        builder.Use = LineUse.Forward;
        var output = Output(builder);
        var relay = builder.Relay();
        builder.Power($"{output}.out", $"{relay}.30", LineBuilder.NearMetres);
        builder.Thin(builder.PickUp("highBeam.plus", Zone.EngineBay), $"{relay}.86", 1);
        builder.CoilToStud($"{relay}.85");
        builder.ToLamps($"{relay}.87", builder.Metres);
        builder.Notes.Add(TemplateWords.FormatFeedsTheContactAndThe(builder.Called(output)));
    }

    private static void FuseTap(LineBuilder builder)
    {
        builder.Use = LineUse.Marker;
        var slot = builder.Rig.Vehicle.FuseSlots.FirstOrDefault(part => part.Feed == Feed.Ignition && builder.Rig.Runs.All(run => TerminalIndex.Split(run.From).Part != part.Id))?.Id;
        if (slot is null)
        {
            slot = builder.Name("slot");
            builder.Rig = builder.Rig with { Vehicle = builder.Rig.Vehicle with { FuseSlots = [.. builder.Rig.Vehicle.FuseSlots, new FuseSlot(slot, SlotAmps, Feed.Ignition, SlotLoadAmps, TemplateWords.ToBeFoundWithA)] } };
        }
        SmallFuse(builder, $"{slot}.tap", slot);
        builder.Notes.Add(TemplateWords.FormatKeepsItsOwnFuseThe(builder.Called(slot)));
    }

    private static void SmallSwitch(LineBuilder builder)
    {
        var part = builder.Switch();
        builder.Power(builder.FromBattery(), $"{part}.in", LineBuilder.DashMetres, Zone.EngineBay, Zone.Cabin);
        builder.ToLamps($"{part}.out", builder.Metres);
        builder.Notes.Add(TemplateWords.NoRelayTheSwitchCarriesIt);
    }

    private static void ParkingLight(LineBuilder builder)
    {
        builder.Use = LineUse.Marker;
        SmallFuse(builder, builder.PickUp("sideLight.plus", Zone.EngineBay), "sideLight");
        builder.Notes.Add(TemplateWords.AJointInTheParking);
    }

    private static void SmallFuse(LineBuilder builder, string from, string near)
    {
        var fuse = builder.Fuse("fuse", Math.Max(1, builder.Amps / 0.8), near == "sideLight" ? Zone.EngineBay : Zone.Cabin, near);
        builder.Power(from, $"{fuse}.in", LineBuilder.BesideMetres);
        builder.ToRow($"{fuse}.out", builder.Metres, 0.3, fuseAmps: 5);
    }
}
