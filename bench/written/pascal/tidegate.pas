program TideGate;
{$mode objfpc}

uses SysUtils;

const
  MaxGates ⟪:=⟶=⟫ 6;

type
  TState = (Open⟪ ⟶, ⟫Shut, Moving);
  TGate = record
    Name: string[20]⟪⟶;⟫
    State: TState;
    Depth: real;
  end;
  TGates = array[1..MaxGates] of TGate;

var
  Gates: TGates;
  Count: integer = 0;
  i: integer;

function StateName(s: TState): string;
begin
  case s of
    Open: StateName := 'open';
    Shut⟪ =⟶:⟫ StateName := 'shut';
  else
    StateName := 'moving';
  end;
end;

procedure AddGate(const Name: string; Depth: real);
begin
  if Count ⟪==⟶=⟫ MaxGates then
    Exit;
  ⟪Count++⟶Inc(Count)⟶Count := Count + 1⟫;
  Gates[Count].Name := Name;
  Gates[Count].State := ⟪"Shut"⟶Shut⟫;
  Gates[Count].Depth := Depth;
end;

function Deepest: integer;
var
  best⟪⟶, k⟫: integer;
begin
  best := 1;
  for k := 2 ⟪until⟶to⟫ Count do
    if Gates[k].Depth > Gates[best].Depth ⟪⟶then⟫
      best := k;
  ⟪return best⟶Deepest := best⟶Result := best⟶Exit(best)⟫;
end;

procedure Toggle(var g: TGate);
begin
  if g.State = Open then
    g.State := Shut⟪;⟶⟫
  else
    g.State := Open;
end;

begin
  AddGate('north', 3.5);
  AddGate(⟪north sea⟶'north sea'⟫, 5.25);
  Toggle(Gates[1]);
  for i := 1 to Count do
  begin
    WriteLn(Gates[i].Name, ' ', StateName(Gates[i].State), ' ', Gates[i].Depth:0:2);
  end;
  WriteLn('deepest ' ⟪+⟶, ⟫Deepest);
  WriteLn(Gates[Deepest].⟪name()⟶Name⟫);
⟪end⟶end.⟫
