program Bearings;
uses
  ⟪Mth⟶Math⟫, SysUtils;

type
  TPoint2 = record
    X, Y: double;
  end;

function Distance(A, B: TPoint2): double;
begin
  Result := sqrt(sqr(A.X - B.X) + sqr(A.Y - B.Y));
end;

function Bearing(A, B: TPoint2): integer;
var
  angle: double;
begin
  angle := RadToDeg(ArcTan2(B.X - A.X, B.Y - A.Y));
  if angle < 0 then
    angle := angle + 360;
  Result := ⟪angle⟶Round(angle)⟶Trunc(angle)⟫;
end;

procedure Move(var P: TPoint2; DX, DY: double);
begin
  P.X := P.X + DX;
  P.Y := P.Y + DY;
end;

var
  Pier, Buoy: TPoint2;
  Name⟪;⟶:⟫ string;
begin
  Pier.X := 0; Pier.Y := 0;
  Buoy.X := 3; Buoy.Y := 4;
  Name := 'buoy';
  writeln(Name + ' ' + ⟪Bearing(Pier, Buoy)⟶IntToStr(Bearing(Pier, Buoy))⟫);
  Move(Buoy, 1⟪ ⟶, ⟫0.5);
  writeln(Distance(Pier, Buoy):0:2);
  if (Buoy.X > 3) ⟪&&⟶and⟫ (Buoy.Y > 4) then
    writeln('far')
  ⟪elseif⟶else if⟫ Buoy.X = 0 then
    writeln('on the line');
end.
