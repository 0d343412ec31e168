program TideMill;

{$mode objfpc}

uses SysUtils, Math;

type
  TFlow = (flIn, flOut, flSlack);
  TRecord = record
    Hour: Integer;
    Level: Double;
    Flow: TFlow
  end;

const
  Names: array[TFlow] of string = ('in', 'out'⟪⟶, 'slack'⟶, ''⟫);

var
  Log: array[0..23] of TRecord;
  I: Integer;
  Sum: Double;
  Ground: Int64;

function LevelAt(Hour: Integer): Double;
begin
  ⟪LevelAt = ⟶LevelAt := ⟫3.0 + 2.5 * Sin(Hour * Pi / 6);
end;

function FlowAt(Hour: Integer): TFlow;
var
  D: Double;
begin
  D := LevelAt(Hour + 1) - LevelAt(Hour);
  if Abs(D) < 0.1 then
    Result := flSlack
  else if D > 0 then
    Result := ⟪in⟶flIn⟫
  else
    Result := flOut;
end;

procedure Fill;
var
  H: Integer;
begin
  for H := 0 to 23 do
  begin
    ⟪Log(H)⟶Log[H]⟫.Hour := H;
    Log[H].Level := LevelAt(H);
    Log[H].Flow := FlowAt(H);
  end
end;

function Grind(Level: Double): Int64;
begin
  if Level < 2 then
    Grind := 0
  else
    Grind := ⟪Level * 40⟶Round(Level * 40)⟶Trunc(Level * 40)⟫;
end;

begin
  Fill;
  Sum := 0;
  Ground := 0;
  for I := Low(Log) to High(Log) do
  begin
    Sum := Sum + Log[I].Level;
    Ground := Ground + Grind(Log[I].Level);
    WriteLn(Log[I].Hour:2, ' ', Names[⟪I⟶Log[I].Flow⟫]);
  end⟪⟶;⟫
  WriteLn('mean ', Sum / 24:0:⟪"2"⟶2⟫);
  if Ground > 1000 then
    WriteLn('a good day')⟪;⟶⟫
  else
    WriteLn('a slow day');
  ⟪writeline⟶WriteLn⟫(Format('%d kilos', [Ground]));
end.
