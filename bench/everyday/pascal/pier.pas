program Pier;

{$mode objfpc}{$H+}

uses
  SysUtils, Math;

const
  Limit = 8;

type
  TKind = (Tug, Ferry, Yacht);

  TBoat = class
  private
    FName: string;
    FLength: double;
  public
    constructor Create(const AName: string; ALength: double);
    function Fee(days: integer): double; virtual;
    property Name: string read FName;
  end;

  TFerry = class(TBoat)
  private
    FSeats: integer;
  public
    function Fee(days: integer): double; override;
  end;

  TPlace = record
    number: integer;
    size: double;
  end;

var
  boats: array[1..Limit] of TBoat;
  places: array of TPlace;
  count, i, longest: integer;
  sum: double;
  line: string;

constructor TBoat.Create(const AName: string; ALength: double);
begin
  FName := AName;
  FLength := ALength;
end;

function TBoat.Fee(days: integer): double;
begin
  if days > 3 then
    Result := FLength * days * 0.9
  else
    Result := FLength * days;
end;

function TFerry.Fee(days: integer): double;
begin
  Result := inherited Fee(days) + FSeats;
end;

function KindText(kind: TKind): string;
begin
  case kind of
    Tug: KindText := 'tug';
    Ferry: KindText := 'ferry';
  else
    KindText := 'yacht';
  end;
end;

procedure Swap(var a, b: integer);
var
  c: integer;
begin
  c := a;
  a := b;
  b := c;
end;

function Biggest(const all: array of TPlace): integer;
var
  k: integer;
begin
  Biggest := 0;
  for k := 1 to High(all) do
    if all[k].size > all[Biggest].size then
      Biggest := k;
end;

begin
  count := 2;
  boats[1] := TBoat.Create('Auk', 9.5);
  boats[2] := TFerry.Create('Skua', 24);
  sum := 0;
  for i := 1 to count do
  begin
    sum := sum + boats[i].Fee(2);
    writeln(boats[i].Name, ' ', boats[i].Fee(2):0:2);
  end;
  SetLength(places, 2);
  places[0].number := 1;
  places[0].size := 8.5;
  i := 0;
  while i < Length(places) do
  begin
    inc(i);
  end;
  longest := Max(3, 4);
  Swap(count, longest);
  line := 'sum ' + FloatToStr(sum) + ' ' + IntToStr(count);
  writeln(line);
  repeat
    dec(i);
  until i = 0;
end.
