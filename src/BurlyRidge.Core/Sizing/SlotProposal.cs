using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>One thing that would change its output; all three as people call them.</summary>
public sealed record SlotMove(string What, string From, string To);

/// <summary>Outputs given anew.</summary>
/// <param name="Rig">The rig as it would be.</param>
/// <param name="Moves">What changes its output.</param>
/// <param name="Left">What no output carries, a sentence each.</param>
public sealed record SlotProposal(Rig Rig, IReadOnlyList<SlotMove> Moves, IReadOnlyList<string> Left)
{
    /// <summary>
    /// Gives everything that is wired to an output of a power box or of the vehicle the best output of the same kind. What is
    /// printed on a slot and how it works go along; rating and place on the panel stay with the output. Outputs of lines that
    /// are on the vehicle already are not touched.
    /// </summary>
    public static SlotProposal Of(Rig rig, RigStudy study)
    {
        var proposal = new SlotProposal(rig, [], []);
        foreach (var box in rig.PowerBoxes) proposal = proposal.With(study, Bank.Of(study, box));
        foreach (var feed in rig.Vehicle.AuxOutputs.Select(output => output.Feed).Distinct()) proposal = proposal.With(study, Bank.Of(study, rig.Vehicle, feed));
        return proposal;
    }

    /// <summary>
    /// What hangs on one output moved to another of the same box, or of the vehicle's own, and what hangs on that one moved here;
    /// the rig as it is where there are no two such outputs.
    /// </summary>
    /// <param name="from">"box.output", or the id of a factory output.</param>
    public static Rig Move(Rig rig, string from, string to)
    {
        if (from == to) return rig;
        var auxiliary = rig.Vehicle.AuxOutputs.Select(output => output.Id).ToHashSet(StringComparer.Ordinal);
        if (auxiliary.Contains(from) && auxiliary.Contains(to))
            return Bank.Rewire(rig, new Dictionary<string, string> { [$"{from}.out"] = $"{to}.out", [$"{to}.out"] = $"{from}.out" });
        var (box, one) = TerminalIndex.Split(from);
        var (other, two) = TerminalIndex.Split(to);
        if (box != other || rig.PowerBoxes.FirstOrDefault(part => part.Id == box) is not { } found || !new[] { one, two }.All(id => found.Outputs.Any(output => output.Id == id))) return rig;
        var moved = new Dictionary<string, string> { [from] = to, [to] = from };
        return Bank.Rewire(rig, moved) with { PowerBoxes = [.. rig.PowerBoxes.Select(part => part.Id == box ? Bank.Relabel(part, moved) : part)] };
    }

    private SlotProposal With(RigStudy study, Bank bank)
    {
        if (bank.Wishes.Count == 0 || bank.Places.Count > SlotAssignment.MaxOutputs) return this;
        var plan = SlotAssignment.Best(bank.Wishes, bank.Places, study.Wired.HouseRules.FuseLoadFraction);
        var stuck = bank.Wishes.Where(wish => plan.Outputs[wish.Id] is null).ToList();
        if (stuck.Count > 0)
        {
            var largest = bank.Places.Max(place => place.RatingAmps);
            return this with
            {
                Left = [.. Left, .. stuck.Select(wish => SizingWords.FormatDrawsNoOutputThatIs(bank.Names[wish.Id], Format.Amps(wish.Amps), Format.Percent(study.Wired.HouseRules.FuseLoadFraction), largest))],
            };
        }
        var moved = bank.Wishes.Where(wish => plan.Outputs[wish.Id] != wish.Today).ToDictionary(wish => wish.Today!, wish => plan.Outputs[wish.Id]!, StringComparer.Ordinal);
        return moved.Count == 0 ? this : new SlotProposal(
            bank.Move(Rig, moved),
            [.. Moves, .. moved.Select(move => new SlotMove(bank.Names[move.Key], study.Names[move.Key], study.Names[move.Value]))],
            Left);
    }

    /// <summary>Outputs that may take each other's place.</summary>
    private sealed record Bank(IReadOnlyList<SlotWish> Wishes, IReadOnlyList<SlotPlace> Places, IReadOnlyDictionary<string, string> Names, Func<Rig, IReadOnlyDictionary<string, string>, Rig> Move)
    {
        public static Bank Of(RigStudy study, PowerBox box)
        {
            var outputs = box.Outputs.Where(output => output.WorkedBy == WorkedBy.Slot).ToList();
            return Of(study, outputs.Select((output, i) => (new SlotPlace($"{box.Id}.{output.Id}", output.RatingAmps, output.Slot ?? 1000 + i), $"{box.Id}.{output.Id}-fuse")),
                (rig, moved) => Rewire(rig, moved) with { PowerBoxes = [.. rig.PowerBoxes.Select(other => other.Id == box.Id ? Relabel(other, moved) : other)] });
        }

        public static Bank Of(RigStudy study, Vehicle vehicle, Feed feed) => Of(
            study,
            vehicle.AuxOutputs.Where(output => output.Feed == feed).Select((output, i) => (new SlotPlace($"{output.Id}.out", output.RatingAmps, i), $"{output.Id}.fuse")),
            Rewire);

        private static Bank Of(RigStudy study, IEnumerable<(SlotPlace Place, string Fuse)> outputs, Func<Rig, IReadOnlyDictionary<string, string>, Rig> move)
        {
            var wishes = new List<SlotWish>();
            var places = new List<SlotPlace>();
            var names = new Dictionary<string, string>(StringComparer.Ordinal);
            foreach (var (place, fuse) in outputs)
            {
                var lines = study.Wired.Lines.Where(line => study.LinesOf(fuse).Contains(line.Id)).ToList();
                if (lines.Count > 0 && lines.All(line => line.Existing)) continue;
                places.Add(place);
                if (!study.Map.RunsAt(place.Id).Any()) continue;
                names[place.Id] = lines.Count > 0 ? Format.And(lines.Select(line => line.Name)) : study.Names[place.Id];
                wishes.Add(new SlotWish(place.Id, study.Design(fuse).Amps, lines.Select(line => line.MetresFromFront).FirstOrDefault(metres => metres is not null), place.Id));
            }
            return new Bank(wishes, places, names, move);
        }

        public static Rig Rewire(Rig rig, IReadOnlyDictionary<string, string> moved) => rig with
        {
            Runs = [.. rig.Runs.Select(run => run with { From = moved.GetValueOrDefault(run.From, run.From), To = moved.GetValueOrDefault(run.To, run.To) })],
        };

        public static PowerBox Relabel(PowerBox box, IReadOnlyDictionary<string, string> moved)
        {
            string Name(BoxOutput output) => $"{box.Id}.{output.Id}";
            var taken = moved.Values.ToHashSet(StringComparer.Ordinal);
            var comes = moved.ToDictionary(move => move.Value, move => box.Outputs.First(output => Name(output) == move.Key), StringComparer.Ordinal);
            var spare = new Queue<BoxOutput>(box.Outputs.Where(output => taken.Contains(Name(output)) && !moved.ContainsKey(Name(output))));
            return box with
            {
                Outputs = [.. box.Outputs.Select(output =>
                    comes.TryGetValue(Name(output), out var other) ? Label(output, other)
                    : moved.ContainsKey(Name(output)) ? Label(output, spare.Dequeue())
                    : output)],
            };
        }

        private static BoxOutput Label(BoxOutput place, BoxOutput from) => place with { Legend = from.Legend, Follows = from.Follows, Mode = from.Mode };
    }
}
