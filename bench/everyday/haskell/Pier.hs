module Main where

import qualified Data.Map as Map
import Data.Char (toUpper)
import Data.List (sortBy)
import Data.Ord (comparing)

data Kind = Tug | Ferry Int | Yacht
  deriving (Show, Eq)

data Boat = Boat
  { boatName :: String
  , kind :: Kind
  , metres :: Double
  } deriving (Show)

class Payer a where
  fee :: a -> Int -> Double

instance Payer Boat where
  fee boat days = metres boat * fromIntegral days

rate :: Kind -> Double
rate Tug = 1.0
rate (Ferry seats) = 0.5 * fromIntegral seats
rate Yacht = 2.5

longest :: [Boat] -> Maybe Boat
longest [] = Nothing
longest boats = Just (last (sortBy (comparing metres) boats))

count :: [Boat] -> Map.Map String Int
count boats = Map.fromListWith (+) [(boatName boat, 1) | boat <- boats]

shout :: String -> String
shout "" = ""
shout (c:cs) = toUpper c : cs

grade :: Double -> String
grade m
  | m > 20 = "long"
  | m > 8 = "middling"
  | otherwise = "short"

total :: [Boat] -> Int -> Double
total boats days = sum (map (\boat -> fee boat days) boats)

describe :: Boat -> String
describe boat =
  let name = shout (boatName boat)
      size = grade (metres boat)
  in name ++ " is " ++ size

main :: IO ()
main = do
  let boats = [Boat "auk" Tug 9.5, Boat "skua" (Ferry 80) 24]
  mapM_ (putStrLn . describe) boats
  print (total boats 2)
  case longest boats of
    Just boat -> putStrLn (boatName boat)
    Nothing -> putStrLn "none"
  if Map.size (count boats) > 1
    then putStrLn "several"
    else putStrLn "one"
