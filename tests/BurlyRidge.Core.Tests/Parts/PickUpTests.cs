using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Parts;

public class PickUpTests
{
    /// <summary>By hand: of two mating faces one is the mirror of the other, row by row.</summary>
    [Theory]
    [InlineData(3, 1, 1, 3)]
    [InlineData(3, 1, 2, 2)]
    [InlineData(2, 2, 3, 4)]
    [InlineData(4, 2, 6, 7)]
    public void A_cavity_is_mirrored_on_the_other_face(int columns, int rows, int cavity, int mate)
    {
        var face = new PickUp { Columns = columns, Rows = rows, Cavity = cavity };
        Assert.Equal(mate, face.Mate());
        Assert.Equal(cavity, (face with { Cavity = mate }).Mate());
    }

    [Fact]
    public void Without_a_face_nobody_can_say() => Assert.Null(new PickUp { Cavity = 1 }.Mate());

    [Fact]
    public void The_page_is_told_both_faces()
    {
        var rig = GoodRigs.Bar with { Joints = [.. GoodRigs.Bar.Joints, new Joint("adaptor", JointKind.Plug) { PickUp = new PickUp { Columns = 3, Cavity = 1 } }] };
        Assert.Contains("cavity 3", Assert.Single(PartCards.Of(rig).Single(card => card.Id == "adaptor").Says), StringComparison.Ordinal);
        Assert.All(PartCards.Of(GoodRigs.Bar), card => Assert.Empty(card.Says));
    }
}
