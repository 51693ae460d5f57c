using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>Ten scripted customers: feed, trigger and gauge of the first proposal against what a good fitter would do.</summary>
public class CustomerTests
{
    public static TheoryData<string> Names => [.. Customers.All.Select(customer => customer.Name)];

    [Fact]
    public void Nine_of_ten_agree()
    {
        Assert.Equal(10, Customers.All.Count);
        Assert.True(Customers.Differences.Count <= 1);
        Assert.All(Customers.Differences.Values, difference => Assert.NotEqual("", difference.Why));
    }

    /// <summary>It agrees, or differs in exactly what is explained.</summary>
    [Theory]
    [MemberData(nameof(Names))]
    public void As_a_good_fitter_would(string name)
    {
        var customer = Customers.All.First(other => other.Name == name);
        var proposal = ProposalSet.Of(customer.Rig, Proposed.Trade).All[0];
        var differs = string.Join("; ", customer.Lines.SelectMany(line => Against(line, proposal)));
        Assert.Equal(Customers.Differences.GetValueOrDefault(name, ("", "")).Item1, differs);
    }

    private static IEnumerable<string> Against(Fitted fitter, Proposal proposal)
    {
        if (proposal.Lines.FirstOrDefault(line => line.Planned.Light == fitter.Light) is not { } line)
        {
            yield return $"{fitter.Light} is not met: {proposal.NotMet.FirstOrDefault(left => left.Light == fitter.Light)?.Why}";
            yield break;
        }
        var (feed, trigger) = Wiring.Of(proposal.Rig, fitter.Light);
        if (feed != fitter.Feed) yield return $"{fitter.Light} is fed from {feed}, not {fitter.Feed}";
        if (trigger != fitter.Trigger) yield return $"{fitter.Light} is turned on by {trigger}, not {fitter.Trigger}";
        var square = WireTable.Find(line.Wire.Split(", ")[0])!.CopperSquareMillimetres;
        if (square < fitter.From * 0.95 || square > fitter.To * 1.05) yield return $"{fitter.Light} has {line.Wire}, not {fitter.From} to {fitter.To} mm²";
    }
}
