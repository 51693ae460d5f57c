namespace BurlyRidge.Core.Network;

/// <summary>Nodes, elements and controllers; node 0 is the reference at 0 V.</summary>
public sealed class Circuit
{
    private readonly List<Element> elements = [];
    private readonly List<Controller> controllers = [];
    private readonly List<Effect> effects = [];
    private readonly Dictionary<int, double> fixedVolts = new() { [Reference] = 0 };
    private Newton? search;

    /// <summary>The node that voltages are counted from.</summary>
    public const int Reference = 0;

    /// <summary>How many nodes there are, the reference among them.</summary>
    public int NodeCount { get; private set; } = 1;

    /// <summary>Every element, in the order added.</summary>
    public IReadOnlyList<Element> Elements => elements;

    /// <summary>Every controller, in the order added.</summary>
    public IReadOnlyList<Controller> Controllers => controllers;

    internal IReadOnlyDictionary<int, double> FixedVolts => fixedVolts;

    /// <summary>A new node.</summary>
    public int AddNode() => NodeCount++;

    /// <summary>Holds <paramref name="node"/> at <paramref name="volts"/>, as an ideal source would.</summary>
    public void Fix(int node, double volts) => fixedVolts[node] = volts;

    /// <summary>Adds an element and gives it back.</summary>
    public TElement Add<TElement>(TElement element) where TElement : Element
    {
        elements.Add(element);
        return element;
    }

    /// <summary>Puts so much resistance before an element; nothing where there is no element of that name.</summary>
    public void PutInSeries(string elementId, double ohms)
    {
        if (elements.Find(element => element.Id == elementId) is not { } element) return;
        var middle = AddNode();
        Add(new Resistor($"{elementId}.fault", element.From, middle, ohms));
        element.From = middle;
    }

    /// <summary>Adds a controller; its number is what its effects name.</summary>
    public int Add(Controller controller)
    {
        controllers.Add(controller);
        return controllers.Count - 1;
    }

    /// <summary>Closes <paramref name="contact"/> when <paramref name="asked"/> and every controller is as given.</summary>
    public void Close(Contact contact, bool asked, params (int Controller, bool Over)[] when)
    {
        contact.Asked = asked;
        effects.Add(new Effect.Closes(contact, when));
    }

    /// <summary>Sets <paramref name="lamp"/> to a part of its power while <paramref name="controller"/> has not gone over.</summary>
    public void Dim(RegulatedLamp lamp, int controller, double setting) => effects.Add(new Effect.Dims(lamp, controller, setting));

    /// <summary>Lets <paramref name="source"/> give while <paramref name="controller"/> has gone over.</summary>
    public void Run(RegulatedSource source, int controller) => effects.Add(new Effect.Runs(source, controller));

    /// <summary>A search; what follows from how the elements are joined is worked out once.</summary>
    internal Newton Search()
    {
        if (search?.ElementCount != elements.Count) search = new Newton(this);
        return search;
    }

    /// <summary>Puts contacts, lamps and sources as the controllers say.</summary>
    internal void Apply(IReadOnlyList<bool> over)
    {
        foreach (var effect in effects)
        {
            switch (effect)
            {
                case Effect.Closes(var contact, var when):
                    contact.Closed = contact.Stuck ?? (contact.Asked && Array.TrueForAll(when, condition => over[condition.Controller] == condition.Over));
                    break;
                case Effect.Dims(var lamp, var controller, var setting):
                    lamp.Setting = over[controller] ? 1 : setting;
                    break;
                case Effect.Runs(var source, var controller):
                    source.Running = over[controller];
                    break;
            }
        }
    }
}
