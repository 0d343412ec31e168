program FerryTimes;

{$mode objfpc}{$H+}

uses
  SysUtils, ⟪Class⟶Classes⟫;

type
  TSailing = class
    Harbour: string;
    Minutes: integer;
    constructor Create(const AHarbour: string; AMinutes: integer);
    function Clock: string;
  end;

constructor TSailing.Create(const AHarbour: string; AMinutes: integer);
begin
  Harbour := AHarbour;
  Minutes := AMinutes;
end;

function TSailing.Clock: string;
begin
  ⟪return Format('%.2d:%.2d', [Minutes div 60, Minutes mod 60]);⟶Result := Format('%.2d:%.2d', [Minutes div 60, Minutes mod 60]);⟶Clock := Format('%.2d:%.2d', [Minutes div 60, Minutes mod 60]);⟫
end;

function Earlier(a, b: TSailing): boolean;
begin
  Result := a.Minutes < b.⟪Minute⟶Minutes⟫;
end;

procedure Sort(var list: array of TSailing);
var
  i, j: integer;
  tmp: TSailing;
begin
  for i := Low(list) to High(list) - 1 do
    for j := i + 1 to High(list) do
      if Earlier(list[j], list[i]) then
      begin
        tmp := list[i];
        list[i] := list[j]⟪⟶;⟫
        list[j] := tmp;
      end;
end;

function Next(const list: array of TSailing; now: integer): TSailing;
var
  s: TSailing;
begin
  Result := ⟪null⟶nil⟫;
  for s in list do
    if s.Minutes >= now ⟪⟶then⟫
    begin
      Result := s;
      break;
    end;
end;

var
  sailings: array[0..2] of TSailing;
  n: TSailing;
  hours: double;
begin
  sailings[0] := TSailing.Create('Holm'⟪;⟶,⟫ 615);
  sailings[1] := TSailing.Create('Syd', 540);
  sailings[2] := TSailing.Create(⟪"Nord"⟶'Nord'⟫, 700);
  Sort(sailings);
  n := Next(sailings, ⟪10.5⟶630⟶600⟫);
  if n ⟪!=⟶<>⟫ nil then
    writeln('next: ' + n.Clock + ' to ' + n.Harbour⟪⟶)⟫;
  hours := sailings[2].Minutes / 60;
  writeln('last after ' ⟪+ hours⟶, hours:0:1⟶+ FloatToStr(hours)⟫, ' hours');
end.
