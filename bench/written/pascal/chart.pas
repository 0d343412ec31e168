program chart;
{$mode objfpc}

type
  TPoint = class
    x, y: double;
    constructor create(ax, ay: double);
    function far(other: TPoint): double;
  end;

constructor TPoint.create(ax, ay: double);
begin
  x := ax;
  y ⟪=⟶:=⟫ ay;
end;

function TPoint.far(other: TPoint): double;
begin
  ⟪return⟶result :=⟶≡far :=⟫ sqrt(sqr(x - other.x) + sqr(y - other.y));
end;

var
  points: array of TPoint;
  i: integer;
  way: double;
begin
  setlength(points, 3);
  points[0] := TPoint.create(0, 0);
  points[1] := TPoint.create(3, 4);
  points[2] := ⟪new TPoint(6, 8)⟶TPoint.create(6, 8)⟫;
  way := 0;
  for i := 1 to high(points) do
    way := way + points[i].far(points[i - 1]⟪⟶)⟫;
  writeln('way: ', way:0:1);
end.
