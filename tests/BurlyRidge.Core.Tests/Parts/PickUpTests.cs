using BurlyRidge.Core.Parts;

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
}
