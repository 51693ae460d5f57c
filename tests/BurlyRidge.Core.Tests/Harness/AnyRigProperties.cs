using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;
using CsCheck;

namespace BurlyRidge.Core.Tests.Harness;

/// <summary>What must hold for any rig at all.</summary>
public class AnyRigProperties
{
    /// <summary>Less than this is what others raise the earth by, or what leaks, V.</summary>
    private const double FedVolts = 1;

    private static readonly Gen<Shape> Rigs = Gen.Int[1000, 1_000_000].Select(AnyRig.Of);

    [Fact]
    public void Random_rigs_hang_together() => Rigs.Sample(shape => RigValidation.Validate(shape.Rig).Count == 0);

    [Fact]
    public void Kirchhoff_and_power_hold_in_every_answer_that_settles() => Rigs.Sample(shape =>
    {
        foreach (var solved in HarnessCompiler.Sequence(shape.Rig, shape.States))
        {
            Assert.All(solved.Solution.State.Volts, volts => Assert.True(double.IsFinite(volts)));
            if (solved.Solution is Solution.Converged or Solution.Ambiguous) Laws.Hold(solved);
        }
    });

    [Fact]
    public void Wiring_from_anywhere_to_anywhere_always_gets_an_answer() => Gen.Int[1000, 1_000_000].Select(AnyRig.Miswired).Sample(shape =>
    {
        Assert.Empty(RigValidation.Validate(shape.Rig));
        foreach (var solved in HarnessCompiler.Sequence(shape.Rig, shape.States))
        {
            Assert.All(solved.Solution.State.Volts, volts => Assert.True(double.IsFinite(volts)));
            if (solved.Solution is Solution.Converged or Solution.Ambiguous) Laws.Hold(solved);
        }
    });

    [Fact]
    public void The_same_rig_is_solved_the_same_way_twice() => Rigs.Sample(shape =>
    {
        var once = HarnessCompiler.Sequence(shape.Rig, shape.States);
        var twice = HarnessCompiler.Sequence(shape.Rig, shape.States);
        for (var i = 0; i < once.Count; i++)
        {
            Assert.Equal(once[i].Solution.GetType(), twice[i].Solution.GetType());
            Assert.Equal(once[i].Solution.State.Volts, twice[i].Solution.State.Volts);
            Assert.Equal(once[i].Contacts, twice[i].Contacts);
        }
    });

    [Fact]
    public void A_converged_answer_has_every_contact_where_its_coil_puts_it() => Rigs.Sample(shape =>
    {
        foreach (var solved in HarnessCompiler.Sequence(shape.Rig, shape.States))
        {
            if (solved.Solution is not Solution.Converged) continue;
            foreach (var controller in solved.Harness.Circuit.Controllers)
            {
                var volts = solved.Solution.State.Across(controller);
                Assert.False(controller.LeavesAsItWas(volts));
                Assert.Equal(controller.Next(volts, false), solved.Contacts[controller.Id]);
            }
        }
    });

    /// <summary>
    /// The run to a circuit's plug is the only way to its lamps. With the relays as they are, more copper in it never takes
    /// volts from them.
    /// </summary>
    [Fact]
    public void A_thicker_run_never_lowers_the_lamps_fed_through_it() => Rigs.Sample(shape =>
    {
        var state = shape.States[0];
        var thin = HarnessCompiler.Solve(shape.Rig, state);
        if (thin.Solution is not Solution.Converged) return;
        foreach (var line in shape.Rig.Lines)
        {
            var run = shape.Rig.Runs.Single(candidate => candidate.To == $"{line.Id}-joint.in");
            if (WireTable.Find(run.Wire)!.CopperSquareMillimetres >= WireTable.Find("6 AWG")!.CopperSquareMillimetres) continue;
            var thicker = shape.Rig with { Runs = [.. shape.Rig.Runs.Select(other => other == run ? run with { Wire = "6 AWG" } : other)] };
            var thick = HarnessCompiler.Solve(thicker, state, thin.Contacts);
            if (thick.Solution is not Solution.Converged || !thick.Contacts.All(contact => thin.Contacts[contact.Key] == contact.Value)) continue;
            foreach (var lamp in line.Lights.Where(lamp => thin.Across(lamp) > FedVolts))
                Assert.True(thick.Across(lamp) >= thin.Across(lamp) - 1e-6, $"{lamp}: {thin.Across(lamp)} V, with thicker wire {thick.Across(lamp)} V");
        }
    }, iter: 60);
}
