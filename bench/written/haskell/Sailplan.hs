module Main where

import qualified Data.Map as Map
import Data.List (⟪sort_by⟶sortBy⟫)
import Data.Ord (comparing)
⟪⟶import Data.Maybe (fromMaybe)⟫

data Day = Mon | Tue | Wed | Thu | Fri
  deriving (Show, Eq, Ord⟪⟶, Enum, Bounded⟫)

data Sailing = Sailing
  { day :: Day
  , hour :: Int
  , ferry :: String
  , seats :: Int
  } deriving (Show⟪ Eq⟶, Eq⟫)

type Plan = Map.Map Day [Sailing]

plan :: [Sailing] -> Plan
plan sailings = Map.fromListWith (++) [(day s, ⟪s⟶[s]⟫) | s <- sailings]

everyDay :: [Day]
everyDay = [minBound .. maxBound]

seatsOn :: Plan -> Day -> Int
seatsOn p d = sum (map seats (⟪Map.lookup d p⟶fromMaybe [] (Map.lookup d p)⟶Map.findWithDefault [] d p⟫))

late :: Sailing -> Bool
late s = hour s ⟪=>⟶>=⟫ 18

describe :: Sailing -> String
describe s = ferry s ++ " at " ++ ⟪hour s⟶show (hour s)⟫ ++ ":00"

earliest :: [Sailing] -> Maybe Sailing
earliest [] = Nothing
earliest all@(_:_) = ⟪head (sortBy (comparing hour) all)⟶Just (head (sortBy (comparing hour) all))⟫

crowd :: Int -> String
crowd n
  | n > 200 ⟪->⟶=⟫ "busy"
  | n > 100 = "fair"
  | otherwise = "quiet"

main :: IO ()
main = do
  let sailings =
        [ Sailing Mon 8 "Ternlet" 120
        , Sailing Mon 19 "Gannet" 90
        , Sailing ⟪"Wed"⟶Wed⟫ 7 "Ternlet" 120
        , Sailing { day = Fri, hour = 18, ferry = "Gannet"⟪⟶, seats = 90⟶, seats = 120⟫ }
        ]
  ⟪p <- plan sailings⟶let p = plan sailings⟫
  mapM_ (\d -> putStrLn (show d ++ ": " ++ crowd (seatsOn p d))) everyDay
  mapM_ (putStrLn . describe) (filter late sailings)
  case earliest sailings of
    Nothing -> putStrLn "no sailing"
    Just s -> ⟪print describe s⟶putStrLn (describe s)⟶print (describe s)⟫
