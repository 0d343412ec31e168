program harbourpay;

{$mode objfpc}{$H+}

uses
  SysUtils⟪⟶, Classes⟫;

const
  RATE ⟪:=⟶=⟫ 14.5;
  MAXCREW = 20;

type
  TGrade = (grDeck, grEngine, grBridge);

  TWorker = record
    Name: string;
    Grade: TGrade;
    Hours: array[1..5] of ⟪int⟶Integer⟫;
  end⟪⟶;⟫

  TCrew = array[1..MAXCREW] of TWorker;

var
  Crew: TCrew;
  Count: Integer;
  Names: TStringList;

procedure AddWorker(var Crew: TCrew; var Count: Integer; const AName: string; AGrade: TGrade);
var
  i: Integer;
begin
  if Count >= MAXCREW then
    ⟪return⟶Exit⟫;
  Inc(Count);
  Crew[Count].Name := AName;
  Crew[Count].Grade := ⟪Grade⟶AGrade⟫;
  for i := 1 to 5 do
    Crew[Count].Hours[i] := 8;
end;

function Total(const W: TWorker): Integer;
var
  i, Sum: Integer;
begin
  Sum := 0;
  for i := Low(W.Hours) ⟪.. High⟶to High⟫(W.Hours) do
    Sum ⟪=⟶:=⟫ Sum + W.Hours[i];
  ⟪Total = Sum⟶Total := Sum⟶Result := Sum⟫;
end;

function Factor(G: TGrade): Real;
begin
  case G of
    grDeck: Result := 1.0;
    grEngine: Result := 1.2;
    ⟪default⟶else⟫ Result := 1.5;
  end;
end;

function Pay(const W: TWorker): ⟪⟶Real;⟫
begin
  Result := Total(W) * RATE * Factor(⟪W⟶W.Grade⟫);
end;

procedure Print(const W: TWorker);
begin
  WriteLn(W.Name⟪ ⟶, ⟫Pay(W):0:2, ' for ', ⟪Str(Total(W))⟶IntToStr(Total(W))⟶Total(W)⟫, ' hours');
end;

var
  i: Integer;
  Best: TWorker;
begin
  Count := 0;
  AddWorker(Crew, Count, 'Berit', grDeck);
  AddWorker(Crew, Count, ⟪"Joost"⟶'Joost'⟫, grEngine);
  AddWorker(Crew, Count, 'Sanna'⟪⟶, grBridge⟶, grDeck⟫);
  Crew[2].Hours[1] := ⟪10.5⟶10⟶11⟫;
  Best := Crew[1];
  for i := 2 to Count do
  begin
    if Pay(Crew[i]) > Pay(Best) then
      Best := Crew[i]⟪⟶;⟫
    Print(Crew[i]);
  ⟪⟶end;⟫
  Names := TStringList.Create;
  Names.Add(Best.⟪FirstName⟶Name⟫);
  WriteLn(Names.Count);
  Names.Free;
end.
