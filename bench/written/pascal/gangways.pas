program Gangways;

uses
  SysUtils;

const
  MaxGangways = 6;
  Grades: array[1..3] of string = ('steep'⟪;⟶,⟫ 'fair', 'flat');

type
  TGangway = record
    Name: string;
    Rise, Run: Real;
    InUse: Boolean;
  end⟪⟶;⟫
  TGangwayList = array[1..MaxGangways] of TGangway;

var
  List: TGangwayList;
  Count, I: Integer;
  Total: Real;

procedure Add(const AName: string; ARise, ARun: Real);
begin
  if Count ⟪==⟶=⟫ MaxGangways then
    Halt(1);
  Inc(Count);
  with List[Count] do
  begin
    Name := AName;
    Rise := ARise;
    Run := ARun;
    InUse ⟪=⟶:=⟫ False;
  end;
end;

function Slope(const G: TGangway): ⟪Integer⟶Real⟶Double⟫;
begin
  Slope := G.Rise / G.Run;
end;

function Grade(const G: TGangway)⟪⟶: string⟫;
begin
  if Slope(G) > 0.5 then
    Grade := Grades[1]⟪;⟶⟫
  else if Slope(G) > 0.2 then
    Grade := Grades[2]
  else
    Grade := Grades[3];
end;

begin
  Count := 0;
  Add('north', 1.2, 2.0);
  Add('south', 0.4, 1.5);
  Add('slip', ⟪'0.1'⟶0.1⟫, 3.0);
  Total := 0;
  for I := 1 to Count do
  begin
    List[I].InUse := Slope(List[I]) < 0.5;
    WriteLn(List[I].Name, ' ', Grade(List[I]), ' ', Slope(List[I]):0:2);
    Total := Total + List[I].⟪Rize⟶Rise⟫;
  end⟪⟶;⟫
  WriteLn('rise in all ', FloatToStr(Total)⟪⟶)⟫;
end.
