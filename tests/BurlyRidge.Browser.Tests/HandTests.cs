using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Wirings built part by part and wire by wire from the page alone, held to the circuit of the shape that they are.</summary>
public abstract class HandTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;

    /// <summary>Builds the shape whose name begins so, and holds it to its fixture in all of its states.</summary>
    protected void Build(string name)
    {
        var shape = AllShapes.All.First(shape => shape.Name.StartsWith(name, StringComparison.Ordinal));
        NewJob(name);
        var hand = new ByPage(page);
        hand.Build(shape.Rig);
        var built = hand.Stored();
        Assert.Empty(RigValidation.Validate(built).Select(problem => $"{problem}"));
        var lights = shape.Rig.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => hand.Id($"{lamp.Id}.{light.Id}")));
        Assert.Equal(lights.Order(), built.Lines.SelectMany(line => line.Lights).Order());
        foreach (var state in shape.States)
        {
            var (theirs, own) = (HarnessCompiler.Solve(shape.Rig, state), HarnessCompiler.Solve(built, hand.State(state)));
            foreach (var end in shape.Rig.Runs.SelectMany(run => run.Ends()).Distinct())
                Assert.Equal(theirs.Volts(end), own.Volts(hand.Terminal(end)), 1e-6);
        }
    }

    private void NewJob(string name)
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", $"{name} by hand");
        page.Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Start from a lamp…']"));
    }
}

/// <summary>Those on the vehicle's own outputs, leads and beams.</summary>
public class VehicleHandTests(Workshop workshop) : HandTests(workshop)
{
    [Theory]
    [InlineData("negative-switched, coil turned round")]
    [InlineData("rear pair on, off or automatic")]
    [InlineData("factory outputs through a pass-through lead")]
    [InlineData("fifteen pods fed at both ends")]
    public void A_shape_is_built_from_the_page_alone(string name) => Build(name);
}

/// <summary>Those on harnesses, boxes and batteries that were fitted.</summary>
public class FittedHandTests(Workshop workshop) : HandTests(workshop)
{
    [Theory]
    [InlineData("rear pair, relay at the rear printed the other way round")]
    [InlineData("power box with panel, ignition sense")]
    [InlineData("contact fed by a factory output")]
    [InlineData("second battery with charger, solar")]
    public void A_shape_is_built_from_the_page_alone(string name) => Build(name);
}
