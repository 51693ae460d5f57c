using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>A rig with one of its lines a second time.</summary>
/// <param name="LineId">The copy.</param>
/// <param name="Notes">What was copied, what both share, what is still to be done, in sentences.</param>
public sealed record CopiedLine(Rig Rig, string LineId, IReadOnlyList<string> Notes);

/// <summary>Copies a line with all that it alone needs; what other lines need too is shared.</summary>
public static class LineCopy
{
    /// <summary>The rig with a copy of the line of that id, called <paramref name="name"/>; null where there is no such line.</summary>
    public static CopiedLine? Of(Rig rig, string lineId, string name)
    {
        if (rig.Lines.FirstOrDefault(line => line.Id == lineId) is not { } line || LineRemoval.Of(rig, lineId) is not { } without) return null;
        var taken = FreeName.Taken(rig);
        string Fresh(string wanted)
        {
            var free = FreeName.Among(taken, wanted, FreeName.Longest);
            taken.Add(free);
            return free;
        }
        var own = Rig.Lists.Where(list => list.Fitted).SelectMany(list => list.Of(rig)).Select(part => part!.Id)
            .Except(without.Rig.AllParts().Select(part => part.Id)).ToDictionary(id => id, Fresh, StringComparer.Ordinal);
        var wires = rig.Runs.Select(run => run.Id).Except(without.Rig.Runs.Select(run => run.Id)).ToHashSet(StringComparer.Ordinal);
        string Terminal(string terminal) => TerminalIndex.Split(terminal) is var (part, pin) && own.TryGetValue(part, out var copy) ? pin.Length == 0 ? copy : $"{copy}.{pin}" : terminal;
        string Named(string old) => old.StartsWith(line.Name, StringComparison.OrdinalIgnoreCase) ? name + old[line.Name.Length..] : old;

        var made = Rig.Lists.Where(list => list.Fitted).Aggregate(rig, (now, list) =>
            list.PlusCopies(now, list.Of(rig).OfType<IPart>().Where(part => own.ContainsKey(part.Id)).Select(part => (part, own[part.Id], Named(part.Name)))));
        var copyId = Fresh(FreeName.OfLine(name));
        // A mount holds one lamp: the copy's have to be placed. Other parts may sit beside those that they were copied from.
        bool IsLamp(string part) => rig.Fixtures.Any(lamp => lamp.Id == part);
        made = made with
        {
            Runs = [.. rig.Runs, .. rig.Runs.Where(run => wires.Contains(run.Id)).Select(run => run with { Id = Fresh(run.Id), From = Terminal(run.From), To = Terminal(run.To) })],
            Places = [.. rig.Places, .. rig.Places.Where(place => own.ContainsKey(place.Part) && !IsLamp(place.Part)).Select(place => place with { Part = own[place.Part] })],
            PartBodies = [.. rig.PartBodies, .. rig.PartBodies.Where(body => own.ContainsKey(body.Part)).Select(body => body with { Part = own[body.Part] })],
            Lines =
            [
                .. rig.Lines,
                line with
                {
                    Id = copyId, Name = name, Lights = [.. line.Lights.Select(Terminal)],
                    Plan = line.Plan is { } plan ? plan with { Fixtures = [.. plan.Fixtures.Select(id => own.GetValueOrDefault(id, id))] } : null,
                },
            ],
        };
        var notes = new List<string> { EditWords.FormatIsACopyOfWith(name, line.Name) };
        if (rig.Runs.Where(run => wires.Contains(run.Id)).SelectMany(run => run.Ends()).Any(end => Terminal(end) == end && IsFitted(rig, TerminalIndex.Split(end).Part)))
            notes.Add(EditWords.BothHangOnWhatOther);
        if (own.Keys.Any(part => IsLamp(part) && rig.Places.Any(place => place.Part == part))) notes.Add(EditWords.ItsLampsHaveNoMount);
        return new CopiedLine(made, copyId, notes);
    }

    /// <summary>Whether a part was fitted and is not the vehicle's own.</summary>
    private static bool IsFitted(Rig rig, string part) => Rig.Lists.Any(list => list.Fitted && list.Of(rig).Any(other => other!.Id == part));
}
