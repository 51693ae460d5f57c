using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Kits;

/// <summary>What the lamps of a line do in one state, as the network solves it.</summary>
/// <param name="State">Key, signal and switch, in words.</param>
/// <param name="Wanted">Whether they are to be lit.</param>
/// <param name="AsBought">What they do with the kit as its leaflet says.</param>
/// <param name="Converted">What they do with it converted.</param>
public sealed record KitTruth(string State, bool Wanted, KitLight AsBought, KitLight Converted)
{
    /// <summary>A fuse that carries so much more than its rating opens within minutes (ISO 8820-3 from 135 %; from memory).</summary>
    private const double OpensAt = 1.35;

    /// <summary>In every state that tells whether it works as wanted.</summary>
    internal static IReadOnlyList<KitTruth> Of(KitFitting fitting, Rig converted)
    {
        var wish = fitting.Wish;
        var slot = fitting.Rig.Vehicle.FuseSlots.FirstOrDefault(slot => slot.Id == wish.FeedSlot);
        bool[] keys = slot?.Feed == Feed.Ignition ? [false, true] : [true];
        bool[] signals = wish.Trigger is null ? [false] : [false, true];
        bool[] presses = wish.Cab == KitCab.InDash && fitting.Kit.Switches.Count > 0 ? [false, true] : [true];
        var (before, after) = (HarnessCompiler.Compile(fitting.Rig), HarnessCompiler.Compile(converted));
        return
        [
            .. from key in keys
               from signal in signals
               from pressed in presses
               let state = new RigState { Key = key, Engine = key ? Engine.Idle : Engine.Off }.WithSignals(one => signal && one == wish.Trigger)
               select new KitTruth(
                   Words(keys.Length > 1 ? key : null, wish.Trigger is { } trigger ? (trigger, signal) : null, presses.Length > 1 ? pressed : null),
                   (keys.Length == 1 || key) && (wish.Trigger is null || signal) && pressed,
                   Look(fitting.Rig, before, state, pressed), Look(converted, after, state, pressed)),
        ];

        KitLight Look(Rig rig, CompiledHarness harness, RigState state, bool pressed)
        {
            var on = fitting.Kit.Switches.Select(part => fitting.Parts[part.Id]).Where(id => rig.Switches.Any(part => part.Id == id)).ToDictionary(id => id, _ => pressed ? "on" : "off", StringComparer.Ordinal);
            state = state with { Switches = on };
            var solved = harness.Solve(state);
            var answer = StateAnswer.Of(rig, state, solved);
            var lights = rig.Lines.First(line => line.Id == fitting.LineId).Lights.ToHashSet(StringComparer.Ordinal);
            var lit = answer.Lamps.Count(lamp => lights.Contains(lamp.Id) && lamp.Light == Light.Lit);
            return new KitLight(lit == lights.Count, lit > 0 || answer.Lamps.Any(lamp => lights.Contains(lamp.Id) && lamp.Light == Light.Dim), Blown(rig, solved), StateAnswer.OutcomeOf(solved.Solution) == Outcome.Converged);
        }
    }

    /// <summary>Whether both columns hold: lit as wanted, no fuse blown, every relay in a clear state.</summary>
    public static bool Does(IReadOnlyList<KitTruth> rows, Func<KitTruth, KitLight> of) => rows.All(row => of(row) is { Blows.Count: 0, Clear: true } light && (row.Wanted ? light.Lit : !light.Any));

    private static IReadOnlyList<string> Blown(Rig rig, SolvedHarness solved)
    {
        var names = PartNames.Of(rig);
        double Amps(string id) => solved.Harness.Has(id) ? Math.Abs(solved.Amps(id)) : 0;
        return
        [
            .. rig.Protection.Where(device => Amps(device.Id) > OpensAt * device.Fuse.RatingAmps).Select(device => names[device.Id]),
            .. VehicleSignal.All(rig.Vehicle).Where(signal => Amps($"{signal.Name}.fuse") > OpensAt * signal.Lamp.TakenFuseAmps).Select(signal => KitWords.FormatFuseOfSignal(signal.Signal.Word())),
        ];
    }

    private static string Words(bool? key, (Signal Signal, bool On)? signal, bool? pressed) => Format.Capital(string.Join(", ", new[]
    {
        key is { } turned ? turned ? KitWords.KeyOn : KitWords.KeyOff : null,
        signal is { } one ? one.On ? KitWords.FormatSignalOn(one.Signal.Word()) : KitWords.FormatSignalOff(one.Signal.Word()) : null,
        pressed is { } on ? on ? KitWords.SwitchOn : KitWords.SwitchOff : null,
    }.OfType<string>().DefaultIfEmpty(KitWords.KeyOn)));
}

/// <summary>What lamps do.</summary>
/// <param name="Lit">All of them are lit.</param>
/// <param name="Any">Any of them shows light.</param>
/// <param name="Blows">Fuses that carry too much.</param>
/// <param name="Clear">Every relay and lamp is in a clear state.</param>
public sealed record KitLight(bool Lit, bool Any, IReadOnlyList<string> Blows, bool Clear);
